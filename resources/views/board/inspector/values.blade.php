<form class="fields" data-form="values" novalidate>
    @foreach ($page->inspector->fields()->all() as $field)
        @php($isRefused = $refusedField === $field->key)
        @php($value = $isRefused ? ($typed[$field->key] ?? '') : $page->inspector->fields()->value($field))
        <label for="field-{{ $field->key }}">{{ $field->label }}</label>
        @if ($field->kind === App\Board\Field::CHOICE || $field->kind === App\Board\Field::YES_NO)
            <select id="field-{{ $field->key }}" name="fields[{{ $field->key }}]">
                @unless ($field->required)<option value="">not said</option>@endunless
                @foreach ($field->kind === App\Board\Field::YES_NO ? ['yes', 'no'] : $field->choices as $choice)<option value="{{ $choice }}" @selected($choice === $value)>{{ $page->inspector->fields()->says($field, $choice) }}</option>@endforeach
            </select>
        @else
            <span class="field">
                <input id="field-{{ $field->key }}" name="fields[{{ $field->key }}]" value="{{ $value }}" autocomplete="off" aria-describedby="reading-{{ $field->key }}" @if ($isRefused) aria-invalid="true" @endif @if ($field->kind === App\Board\Field::LENGTH && ! $field->isSigned) data-length="{{ $field->expected?->name }}" @endif @if ($page->inspector->fields()->lights($field->key)) data-lights="{{ $page->inspector->fields()->lights($field->key) }}" @endif>
                <output id="reading-{{ $field->key }}" class="{{ $isRefused ? 'field-error' : 'reading' }}">{{ $isRefused ? $message : '' }}</output>
            </span>
        @endif
    @endforeach
    @if ($page->isChosen('openings'))
        <label for="field-keeps">With another width stays</label>
        <select id="field-keeps" name="keeps"><option value="">its middle</option><option value="from">the jamb {{ $page->inspector->opening()->jamb('from') }}</option><option value="to">the jamb {{ $page->inspector->opening()->jamb('to') }}</option></select>
    @endif
    @if ($page->inspector->fields()->all() !== [])<button class="btn btn-primary btn-sm">Set</button>@endif
</form>
