<section class="evidence inspector" id="inspector" data-chosen="{{ $page->chosen?->id() }}" @if ($oob ?? false) hx-swap-oob="true" @endif>
    @if ($page->chosen)
        <h2>{{ $page->chosen->name() }}</h2>
        @if ($page->wallLength())<p class="evidence-subject">{{ $page->wallLength() }} long between its ends</p>@endif
        <form class="fields" data-act="values" data-element="{{ $page->chosen->id() }}" novalidate>
            @foreach ($page->fields() as $field)
                @php($isRefused = $refusedField === $field->key)
                @php($value = $isRefused ? ($typed[$field->key] ?? '') : $page->value($field))
                <label for="field-{{ $field->key }}">{{ $field->label }}</label>
                @if ($field->kind === App\Board\Field::CHOICE || $field->kind === App\Board\Field::YES_NO)
                    <select id="field-{{ $field->key }}" name="fields[{{ $field->key }}]">
                        @unless ($field->required)<option value="">not said</option>@endunless
                        @foreach ($field->kind === App\Board\Field::YES_NO ? ['yes', 'no'] : $field->choices as $choice)<option value="{{ $choice }}" @selected($choice === $value)>{{ str_replace('_', ' ', $choice) }}</option>@endforeach
                    </select>
                @else
                    <span class="field">
                        <input id="field-{{ $field->key }}" name="fields[{{ $field->key }}]" value="{{ $value }}" autocomplete="off" aria-describedby="reading-{{ $field->key }}" @if ($isRefused) aria-invalid="true" @endif @if ($field->kind === App\Board\Field::LENGTH) data-length="{{ $field->expected?->name }}" @endif>
                        <output id="reading-{{ $field->key }}" class="{{ $isRefused ? 'field-error' : 'reading' }}">{{ $isRefused ? $message : '' }}</output>
                    </span>
                @endif
            @endforeach
            @if ($page->fields() !== [])<button class="btn btn-primary btn-sm">Set</button>@endif
        </form>
        <p class="inspector-acts">
            @if ($page->chosen->list === 'walls')
                @foreach (['door' => 'Door', 'window' => 'Window', 'gap' => 'Bare opening'] as $kind => $label)<button type="button" class="btn btn-tool" data-act="opening" data-kind="{{ $kind }}">+ {{ $label }}</button>@endforeach
            @endif
            @if ($page->chosen->list !== 'storeys')<button type="button" class="btn btn-tool" data-act="remove">Take away</button>@endif
        </p>
    @else
        <h2>Nothing chosen</h2>
        <p>Point at a wall, an opening, a thing or a room. Press <kbd>w</kbd> to draw walls, <kbd>?</kbd> for all keys.</p>
        <form class="fields" id="name-space" data-act="room" hidden>
            <label for="space-use">Use of this space</label>
            <select id="space-use" name="use">@foreach (Heurema\Layout\Words\RoomUse::cases() as $use)<option value="{{ $use->value }}">{{ str_replace('_', ' ', $use->value) }}</option>@endforeach</select>
            <label for="space-name">Name</label><input id="space-name" name="name" maxlength="200">
            <button class="btn btn-primary btn-sm">Name it</button>
        </form>
    @endif
</section>
