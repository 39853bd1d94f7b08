<details class="review-books" @if ($errors->hasAny(['books', 'settings.*'])) open @endif>
    <summary>Checked against {{ implode(', ', array_map(fn ($book) => $book->title, $page->report->books)) }}</summary>
    @if (!$page->revision->state->isOpen() || !auth()->user()?->can('update', $page->revision))
        <dl class="figures">@foreach ($page->settings() as $setting)<div><dt>{{ Heurema\Language\Text::capital(Heurema\Language\Text::word($setting->name)) }}</dt><dd>{{ Heurema\Language\Text::word($page->setting($setting)) }}</dd></div>@endforeach</dl>
        <p><a href="{{ route('rule-books') }}">Read the rule books</a></p>
    @else
    <form method="post" action="{{ route('review.books', $page->revision) }}">
        @csrf
        <fieldset>
            <legend>Rule books</legend>
            @foreach ($page->shelf() as $book)
                <label @class(['amendment' => $book->amends !== null])><input type="checkbox" name="books[]" value="{{ $book->id }}" @checked(in_array($book->id, $page->revision->books, true))> {{ $book->title }}</label>
            @endforeach
            @foreach ($page->unreadableBooks() as $reason)<p class="field-error">Left out, as it cannot be read: {{ $reason }}</p>@endforeach
            @error('books')<p class="field-error" role="alert">{{ $message }}</p>@enderror
        </fieldset>
        @if ($page->settings() !== [])
            <fieldset>
                <legend>What they leave open</legend>
                @foreach ($page->settings() as $setting)
                    <div class="setting">
                        <label for="setting-{{ $setting->name }}">{{ Heurema\Language\Text::capital(Heurema\Language\Text::word($setting->name)) }}</label>
                        @if ($setting->words !== [] || is_bool($setting->default))
                            <select class="form-select form-select-sm" id="setting-{{ $setting->name }}" name="settings[{{ $setting->name }}]">
                                @foreach ($setting->words === [] ? ['no', 'yes'] : $setting->words as $word)
                                    <option value="{{ $word }}" @selected(old("settings.{$setting->name}", $page->setting($setting)) === $word)>{{ Heurema\Language\Text::word($word) }}</option>
                                @endforeach
                            </select>
                        @else
                            <input class="form-control form-control-sm" id="setting-{{ $setting->name }}" name="settings[{{ $setting->name }}]" value="{{ old("settings.{$setting->name}", $page->setting($setting)) }}" maxlength="100" title="{{ $setting->title }}">
                        @endif
                        @error("settings.{$setting->name}")<p class="field-error" role="alert">{{ $message }}</p>@enderror
                    </div>
                @endforeach
            </fieldset>
        @endif
        <p><button class="btn btn-primary btn-sm">Hold against these</button> <a href="{{ route('rule-books') }}">Read the rule books</a></p>
    </form>
    @endif
</details>
