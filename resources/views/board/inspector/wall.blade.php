<h3>Its dimensions</h3>
<form class="fields fields-inline" data-form="length" data-tries novalidate>
    <label for="wall-own-length">Length, end to end</label>
    <x-length id="wall-own-length" name="distance" :value="$page->typed($page->chosen->element->line()->length())" says="along its middle, from end to end"/>
    <select name="end" aria-label="Which end moves"><option value="to">its end moves</option><option value="from">its start moves</option></select>
    <button class="btn btn-tool btn-sm">Set</button>
</form>
@foreach ($page->inspector->wall()->distances() as $number => $distance)
    <form class="fields fields-inline" data-form="distance" data-tries data-moves="{{ $distance->wall->id }}" novalidate>
        <label for="distance-{{ $number }}">Across {{ $distance->room ?? __('the space') }}, to {{ $page->inspector->wall()->called($distance->other->id) }}</label>
        <x-length id="distance-{{ $number }}" name="distance" :value="$page->typed($distance->of(Heurema\Spatial\WallDatum::Finished))" :says="'clear, to the face of the '.$page->inspector->wall()->called($distance->other->id)"/>
        <input type="hidden" name="other" value="{{ $distance->other->id }}"><input type="hidden" name="side" value="{{ $distance->side->value }}">
        <select name="moves" aria-label="Which wall moves"><option value="own" data-wall="{{ $distance->wall->id }}">this wall moves</option><option value="other" data-wall="{{ $distance->other->id }}">{{ $page->inspector->wall()->called($distance->other->id) }} moves</option></select>
        <button class="btn btn-tool btn-sm">Set</button>
    </form>
@endforeach
@if ($page->inspector->wall()->goesOn())
    <div class="fields fields-inline">
        <label for="in-line">Walls in line with it</label>
        <select id="in-line"><option value="">stay where a wall holds them</option><option value="follow">go along</option><option value="stay">stay</option></select>
    </div>
@endif
<p class="inspector-acts">
    @foreach (['door' => __('Door'), 'window' => __('Window'), 'gap' => __('Bare opening')] as $kind => $label)<button type="button" class="btn btn-tool" data-act="opening" data-kind="{{ $kind }}">+ {{ $label }}</button>@endforeach
</p>
<details>
    <summary>Place an opening exactly</summary>
    <form class="fields" data-form="openings" data-tries novalidate>
        <input type="hidden" name="wall" value="{{ $page->chosen->id() }}">
        <label for="opening-size">What</label>
        <span class="field-pair">
            <select id="opening-kind" name="kind" aria-label="Kind">@foreach (['door' => __('door'), 'window' => __('window'), 'gap' => __('bare opening')] as $kind => $label)<option value="{{ $kind }}">{{ $label }}</option>@endforeach</select>
            @foreach (Heurema\Layout\Words\OpeningKind::cases() as $kind)
                <select @if ($loop->first) id="opening-size" @endif name="size" aria-label="Size" data-of-kind="{{ $kind->value }}" @unless ($loop->first) hidden disabled @endunless><option value="">as the last one</option>@foreach ($page->inspector->wall()->sizes($kind) as $key => $label)<option value="{{ $key }}">{{ $label }}</option>@endforeach</select>
            @endforeach
        </span>
        @include('board.inspector.place', ['isNew' => true])
        <button class="btn btn-primary btn-sm">Place</button>
    </form>
</details>
<details>
    <summary>Parallel wall, setting-out line, split, join</summary>
    <form class="fields fields-inline" data-form="parallel" data-tries novalidate>
        <label for="parallel-distance">Parallel wall, clear by</label><x-length id="parallel-distance" name="distance"/>
        <select name="side" aria-label="Side"><option value="left">to its left</option><option value="right">to its right</option></select>
        <button class="btn btn-tool btn-sm">Draw</button>
    </form>
    @include('board.inspector.setting-out', ['from' => 'face'])
    <form class="fields fields-inline" data-form="split" novalidate>
        <label for="split-distance">Split, from its start</label><x-length id="split-distance" name="distance"/>
        <button class="btn btn-tool btn-sm">Split</button>
    </form>
    <form data-form="join"><button class="btn btn-tool btn-sm">Join with the wall that goes on</button></form>
</details>
@include('board.inspector.own-fields', ['act' => 'backing', 'own' => [App\Board\Acts\SetBacking::FIELD => [__('Backing for bars'), $page->inspector->wall()->backing(), __('from, to along it, bottom, top; several with a semicolon between')]]])
