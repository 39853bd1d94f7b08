@php($form = $page->stairForm())
<form class="fields" data-form="stair-form" data-tries novalidate>
    <label for="stair-outline">Runs</label>
    <select id="stair-outline" name="outline">@foreach (Heurema\Drafting\StairOutline::cases() as $outline)<option value="{{ $outline->value }}" @selected($outline === $form->outline)>{{ $outline->words() }}</option>@endforeach</select>
    <label for="stair-hand">Turns, climbing</label>
    <select id="stair-hand" name="hand">@foreach (['left', 'right'] as $hand)<option value="{{ $hand }}" @selected($hand === $form->hand->value)>{{ $hand }}</option>@endforeach</select>
    <label for="stair-first">Risers before the turn</label><input id="stair-first" name="first" type="number" min="1" max="40" value="{{ $form->first }}">
    <label for="stair-landing">Depth of a landing</label>
    <x-length id="stair-landing" name="landing" :value="$page->typed($form->landing)"/>
    <label for="stair-inner">Inner radius of a spiral, narrow end of winders</label>
    <x-length id="stair-inner" name="inner" :value="$page->typed($form->inner)"/>
    <button class="btn btn-primary btn-sm">Set</button><output class="reading"></output>
</form>
