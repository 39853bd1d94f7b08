@php($slope = $page->inspector->ceiling())
@php($refused = in_array($refusedField, ['low', 'high'], true) ? $refusedField : null)
<details @if ($refused) open @endif>
    <summary>Sloped ceiling</summary>
    <form class="fields" data-form="slope" data-tries="together" novalidate>
        @foreach (['low' => __('Height at the eaves'), 'high' => __('Height at the ridge')] as $key => $label)
            <label for="slope-{{ $key }}">{{ $label }}</label>
            <span class="field">
                <input id="slope-{{ $key }}" name="fields[{{ $key }}]" value="{{ $refused ? $typed[$key] ?? '' : $slope->$key }}" autocomplete="off" data-length aria-describedby="slope-{{ $key }}-reading" @if ($refused === $key) aria-invalid="true" @endif>
                <output id="slope-{{ $key }}-reading" class="{{ $refused === $key ? 'field-error' : 'reading' }}">{{ $refused === $key ? $message : '' }}</output>
            </span>
        @endforeach
        <label for="slope-towards">Rises towards</label>
        <select id="slope-towards" name="fields[towards]">@foreach ($slope->directions() as $degrees => $words)<option value="{{ $degrees }}" @selected($degrees === $slope->towards)>{{ $words }}</option>@endforeach</select>
        <label for="slope-gable">Beyond the ridge</label>
        <select id="slope-gable" name="fields[gable]"><option value="no">it ends</option><option value="yes" @selected($slope->isGable)>it falls again as far</option></select>
        <span></span><span class="reading">across the whole room; empty heights make it level again</span>
        <button class="btn btn-primary btn-sm">Set</button>
        <button type="button" class="btn btn-tool btn-sm" data-tool="slope" aria-pressed="false">Point at eaves and ridge</button>
        @if ($slope->low !== '')<button type="button" class="btn btn-tool btn-sm" data-tool="roof-window" aria-pressed="false">Roof window</button>@endif
    </form>
</details>
