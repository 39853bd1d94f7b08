@php($fields = [
    App\Board\Acts\SetHome::GROUND => ["Ground outside, below the floor of {$page->storeyName()}", $page->ground(), 'with a minus where it lies above'],
    App\Board\Acts\SetHome::NORTH => ['North, degrees clockwise from up', $page->north(), ''],
])
<details class="home-values" @if (isset($fields[$refusedField])) open @endif>
    <summary>The home: ground outside, north</summary>
    <form class="fields" data-form="home" novalidate>
        @foreach ($fields as $key => [$label, $value, $hint])
            @php($isRefused = $refusedField === $key)
            <label for="home-{{ $key }}">{{ $label }}</label>
            <span class="field">
                <input id="home-{{ $key }}" name="fields[{{ $key }}]" value="{{ $isRefused ? $typed[$key] ?? '' : $value }}" autocomplete="off" aria-describedby="home-{{ $key }}-reading" @if ($isRefused) aria-invalid="true" @endif>
                <output id="home-{{ $key }}-reading" class="{{ $isRefused ? 'field-error' : 'reading' }}">{{ $isRefused ? $message : $hint }}</output>
            </span>
        @endforeach
        <button class="btn btn-primary btn-sm">Set</button>
    </form>
</details>
