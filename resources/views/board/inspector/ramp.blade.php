@foreach ($page->inspector->ramp()->parts() as $number => [$title, $length, $rise, $edges])
    <details @if ($number === 0) open @endif>
        <summary>{{ $title }}</summary>
        <form class="fields" data-form="ramp-run" data-tries novalidate>
            <input type="hidden" name="part" value="{{ $number }}">
            <label for="ramp-length-{{ $number }}">Length on plan</label><span class="field"><x-length :id="'ramp-length-'.$number" name="length" :value="$length"/></span>
            @if ($rise !== null)<label for="ramp-rise-{{ $number }}">Rise</label><span class="field"><x-length :id="'ramp-rise-'.$number" name="rise" :value="$rise"/></span>@endif
            @foreach ($edges as $side => $height)<label for="ramp-edge-{{ $number }}-{{ $side }}">{{ $side === 0 ? __('Left edge, above the other') : __('Right edge, above the other') }}</label><span class="field"><x-length :id="'ramp-edge-'.$number.'-'.$side" :name="App\Board\Acts\ShapeRampRun::EDGES[$side]" :value="$height"/></span>@endforeach
            <button class="btn btn-primary btn-sm">Set</button>
        </form>
    </details>
@endforeach
@include('board.inspector.rails')
