@php($standing = $page->rulings->for($page->chosen))
@if ($item = $page->item($page->chosen))
    <p class="ruling item-answer"><b>Item {{ $item['number'] }} of the letter before.</b>@if ($item['asked']) <q>{{ $item['asked'] }}</q>@endif <span class="ruling-words">{{ $item['answer'] === null ? __('No answer was given.') : __('Answer: :answer', ['answer' => $item['answer']]) }}</span></p>
@endif
@if ($standing)
    <p class="ruling ruling-{{ $standing->ruling->kind->value }}">
        @if ($standing->isOutdated)
            <b>What was found has changed.</b> It was {{ $standing->ruling->kind->words() }} by {{ $standing->ruling->user->name }} when it read: {{ $standing->ruling->facts }}.
        @else
            <b>{{ Heurema\Language\Text::capital($standing->ruling->kind->words()) }}</b> by {{ $standing->ruling->user->name }}, {{ $standing->ruling->created_at->translatedFormat(__('j F Y')) }}@if ($standing->isCarried), carried over from an earlier revision @endif
        @endif
        @if ($standing->ruling->words)<span class="ruling-words">{{ $standing->ruling->words }}</span>@endif
    </p>
@endif
@if (isset($problem) || $errors->has('ruling'))<p class="field-error" role="alert">{{ $problem ?? $errors->first('ruling') }}</p>@endif
@can('update', $page->revision)
    @if ($page->revision->state->isOpen() && $page->chosen->verdict()->isOpen())
        <form class="ruling-form" id="ruling-form" method="post" action="{{ route('review.rulings', $page->revision) }}" hx-post="{{ route('review.rulings', $page->revision) }}" hx-target="#evidence" hx-swap="outerHTML">
            @csrf
            <input type="hidden" name="finding" value="{{ $page->chosen->fingerprint() }}"><input type="hidden" name="show" value="{{ $page->show }}"><input type="hidden" name="book" value="{{ $page->book }}">
            <label class="visually-hidden" for="ruling-words">Words to the designer: the reason, or the question</label>
            <input class="form-control form-control-sm" id="ruling-words" name="words" maxlength="2000" placeholder="Words: the reason, or the question">
            <div class="ruling-kinds">
                <button class="btn btn-sm btn-primary" name="kind" value="uphold" data-key="u">Uphold <kbd>u</kbd></button>
                <button class="btn btn-sm btn-quiet" name="kind" value="waive" data-key="w">Waive <kbd>w</kbd></button>
                <button class="btn btn-sm btn-quiet" name="kind" value="ask" data-key="a">Ask <kbd>a</kbd></button>
                <button class="btn btn-sm btn-quiet" name="kind" value="settle" data-key="e">Settle <kbd>e</kbd></button>
                @if ($page->alike() > 0)<label class="ruling-all"><input type="checkbox" name="all" value="1" data-key="l"> and {{ $page->alike() }} more of this rule</label>@endif
            </div>
        </form>
        @foreach ($page->statable() as $value)
            <form class="ruling-form statement" method="post" action="{{ route('review.statements', $page->revision) }}" hx-post="{{ route('review.statements', $page->revision) }}" hx-target="#evidence" hx-swap="outerHTML">
                @csrf
                <input type="hidden" name="finding" value="{{ $page->chosen->fingerprint() }}"><input type="hidden" name="show" value="{{ $page->show }}"><input type="hidden" name="book" value="{{ $page->book }}"><input type="hidden" name="element" value="{{ $value->element }}"><input type="hidden" name="key" value="{{ $value->field->key }}">
                <label for="state-{{ $value->element }}-{{ $value->field->key }}">{{ $value->field->label }} ({{ $page->called($value->element) }})</label>
                @if ($value->field->choices !== [] || $value->field->kind === App\Board\Field::YES_NO)
                    <select class="form-select form-select-sm" id="state-{{ $value->element }}-{{ $value->field->key }}" name="typed">@foreach ($value->field->choices === [] ? ['yes', 'no'] : $value->field->choices as $choice)<option value="{{ $choice }}">{{ $value->field->words($choice) }}</option>@endforeach</select>
                @else
                    <input class="form-control form-control-sm" id="state-{{ $value->element }}-{{ $value->field->key }}" name="typed" maxlength="200">
                @endif
                <button class="btn btn-sm btn-primary">State this value</button>
            </form>
        @endforeach
        <form class="ruling-undo" id="ruling-undo" method="post" action="{{ route('review.rulings.undo', $page->revision) }}" hx-delete="{{ route('review.rulings.undo', $page->revision) }}" hx-target="#evidence" hx-swap="outerHTML" hx-vals='@json(['finding' => $page->chosen->fingerprint(), 'show' => $page->show, 'book' => $page->book])'>
            @csrf @method('delete')
            <input type="hidden" name="finding" value="{{ $page->chosen->fingerprint() }}"><input type="hidden" name="show" value="{{ $page->show }}"><input type="hidden" name="book" value="{{ $page->book }}">
            <button class="btn btn-link btn-sm" data-key="z">Take the last ruling back <kbd>z</kbd></button>
        </form>
    @endif
@endcan
