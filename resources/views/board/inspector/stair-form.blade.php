@php($form = $page->inspector->stair()->form())
<form class="fields" data-form="stair-form" data-tries novalidate>
    <label for="stair-outline">Shape</label>
    <select id="stair-outline" name="outline">@foreach (Heurema\Drafting\StairOutline::cases() as $outline)<option value="{{ $outline->value }}" @selected($outline === $form->outline)>{{ $outline->words() }}</option>@endforeach</select>
    <label for="stair-hand">Turns, climbing</label>
    <select id="stair-hand" name="hand">@foreach (['left', 'right'] as $hand)<option value="{{ $hand }}" @selected($hand === $form->hand->value)>{{ $hand }}</option>@endforeach</select>
    <label for="stair-first">Risers before the turn</label><input id="stair-first" name="first" type="number" min="1" max="40" value="{{ $form->first }}">
    <label for="stair-landing">Depth of a landing</label>
    <x-length id="stair-landing" name="landing" :value="$page->typed($form->landing)"/>
    <label for="stair-winders">Winders in the first quarter turn</label><input id="stair-winders" name="winders" type="number" min="1" max="12" value="{{ $form->winders }}">
    <label for="stair-second-winders">Winders in the second</label><input id="stair-second-winders" name="second_winders" type="number" min="1" max="12" value="{{ $form->secondWinders }}">
    <label for="stair-inner">Inner radius of a spiral, narrow end of winders</label>
    <x-length id="stair-inner" name="inner" :value="$page->typed($form->inner)"/>
    <button class="btn btn-primary btn-sm">Set</button><output class="reading"></output>
</form>
<div class="fields fields-inline">
    <label for="stair-opening">When it is moved, the floor opening above it</label>
    <select id="stair-opening"><option value="">goes along</option><option value="{{ App\Board\Acts\MoveChosen::STAYS }}">stays</option></select>
</div>
<form class="fields" data-form="fit-stair" novalidate>
    <label for="fit-riser">Fitted between two edges, risers of at most</label>
    <x-length id="fit-riser" name="riser" :value="$page->typed($page->inspector->usual()->riser())"/>
    <button type="button" class="btn btn-tool btn-sm" data-tool="fit-stair" aria-pressed="false">Point at its first and its last edge</button>
</form>
