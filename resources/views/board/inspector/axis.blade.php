@php($axes = $page->axes())
@php([$stretches, $crossings] = [$axes->stretches($page->chosen->id()), $axes->crossings($page->chosen->id())])
@if ($stretches !== [])
    <h3>Walls on it</h3>
    <form data-form="axis-walls">
        <fieldset class="choices-of-axis"><legend class="visually-hidden">Stretches</legend>@foreach ($stretches as $stretch)<label><input type="checkbox" name="stretches[{{ $stretch->key() }}]" value="1"> {{ $stretch->name() }}</label>@endforeach</fieldset>
        <label>As <select name="type"><option value="">usual: outer and inner</option>@foreach (Heurema\Layout\Words\WallType::cases() as $type)<option value="{{ $type->value }}">{{ $type->words() }}</option>@endforeach</select></label>
        <button class="btn btn-tool btn-sm">Build walls</button>
    </form>
@endif
@if ($crossings !== [])
    <h3>Columns and ducts on it</h3>
    <form class="fields-inline" data-form="axis-columns">
        <fieldset class="choices-of-axis"><legend class="visually-hidden">Crossings</legend>@foreach ($crossings as $crossing)<label><input type="checkbox" name="crossings[{{ $crossing->key() }}]" value="1"> {{ $crossing->name() }}</label>@endforeach</fieldset>
        <select name="kind" aria-label="What is set"><option value="column">columns</option><option value="duct">ducts</option></select>
        <label for="column-size">Size</label> <x-length id="column-size" name="size" kind="size" :value="$axes->columnSize()" size="16"/>
        <button class="btn btn-tool btn-sm">Set them</button>
    </form>
@endif
@include('board.inspector.setting-out', ['from' => 'line'])
