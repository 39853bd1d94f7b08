{{-- Fields of an act of its own: label, value and hint by key. --}}
<form class="fields" data-form="{{ $act }}" novalidate>
    @foreach ($own as $key => [$label, $value, $hint])
        @php($isRefused = $refusedField === $key)
        <label for="own-{{ $key }}">{{ $label }}</label>
        <span class="field">
            <input id="own-{{ $key }}" name="fields[{{ $key }}]" value="{{ $isRefused ? $typed[$key] ?? '' : $value }}" autocomplete="off" aria-describedby="own-{{ $key }}-reading" @if ($isRefused) aria-invalid="true" @endif>
            <output id="own-{{ $key }}-reading" class="{{ $isRefused ? 'field-error' : 'reading' }}">{{ $isRefused ? $message : $hint }}</output>
        </span>
    @endforeach
    @includeWhen(isset($extra), $extra ?? '')
    <button class="btn btn-primary btn-sm">Set</button>
</form>
