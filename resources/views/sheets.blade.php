@extends('layouts.page')
@section('title', __('Sheets, :name', ['name' => $page->scheme->project->name]))
@section('body-class', 'page-books')
@section('masthead')
    <a href="{{ route('desk') }}">Desk</a> <span aria-hidden="true">/</span> <a href="{{ route('board', $page->scheme) }}">{{ $page->scheme->project->name }}</a> <span aria-hidden="true">/</span> <h1>Sheets</h1>
@endsection
@section('content')
    @php($sheet = $page->sheet())
    <div class="sheets">
        <nav class="sheets-list" aria-label="Sheets">
            <ol>
                @foreach ($page->set->sheets as $number => $one)
                    <li><a href="{{ route('board.sheets', [$page->scheme, 'sheet' => $number]) }}" @if ($number === $page->number) aria-current="page" @endif>{{ $number + 1 }} {{ $one->name }}</a> <span class="soft">{{ $one->paper->value }}</span></li>
                @endforeach
            </ol>
            <form method="post" action="{{ route('board.sheets.add', $page->scheme) }}">
                @csrf
                <label class="visually-hidden" for="new-name">Name of another sheet</label><input class="form-control form-control-sm" id="new-name" name="name" maxlength="60" placeholder="another sheet" required>
                <input type="hidden" name="paper" value="{{ ($sheet->paper ?? App\Sheets\Paper::usual($page->scheme->layout->units))->value }}">
                <button class="btn btn-sm btn-quiet">Add it</button>
            </form>
            @if ($page->set->sheets !== [])<p><a class="btn btn-sm btn-primary" href="{{ route('board.sheets.pdf', $page->scheme) }}" target="_blank">PDF of all</a></p>@endif
            <h2>Check</h2>
            @if (($said = $page->check()) === [])<p class="soft">Nothing is missing.</p>@else<ul class="sheets-check">@foreach ($said as $one)<li>{{ $one }}</li>@endforeach</ul>@endif
        </nav>
        <div class="sheets-open">
            @if ($sheet === null)<p>There is no sheet yet: add one.</p>
            @elseif ($page->problem)<p class="field-error" role="alert">{{ $page->problem }}</p>
            @else @php($drawing = route('board.sheets.drawing', [$page->scheme->id, $page->number]))<a href="{{ $drawing }}" target="_blank"><img class="sheets-drawing" src="{{ $drawing }}" alt="Sheet {{ $page->number + 1 }}, {{ $sheet->name }}: opens by itself"></a>
            @endif
        </div>
        @if ($sheet)
            <div class="sheets-side">
                <form id="sheet-form" method="post" action="{{ route('board.sheets.change', [$page->scheme, $page->number]) }}">
                    @csrf @method('put')
                    <button class="visually-hidden" tabindex="-1" aria-hidden="true">Set</button>
                    <h2>Sheet {{ $page->number + 1 }}</h2>
                    <label class="form-label" for="sheet-name">Name</label><input class="form-control form-control-sm" id="sheet-name" name="name" maxlength="60" value="{{ old('name', $sheet->name) }}" required>
                    @error('name')<p class="field-error" role="alert">{{ $message }}</p>@enderror
                    <label class="form-label" for="sheet-paper">Paper</label><select class="form-select form-select-sm" id="sheet-paper" name="paper">@foreach (App\Sheets\Paper::of($page->scheme->layout->units) as $paper)<option @selected($paper === $sheet->paper)>{{ $paper->value }}</option>@endforeach</select>
                    <label class="sheets-choice"><input type="checkbox" name="upright" value="1" @checked($sheet->isUpright)> upright</label>
                    <label class="sheets-choice"><input type="checkbox" name="clouds" value="1" @checked($sheet->hasClouds)> clouds around what changed since the last revision</label>
                    <h3>On it, in order</h3>
                    <ol class="sheets-views">
                        @foreach ($sheet->views as $place => $view)
                            <li>
                                <span class="sheets-view-name">{{ $page->words($view) }}</span>
                                <input type="hidden" name="views[{{ $place }}][kind]" value="{{ $view->kind->value }}">
                                @if ($view->kind === App\Sheets\ViewKind::Notes)
                                    <textarea class="form-control form-control-sm" name="views[{{ $place }}][of]" rows="4" maxlength="4000" aria-label="Notes, one a line">{{ $view->of }}</textarea>
                                @else<input type="hidden" name="views[{{ $place }}][of]" value="{{ $view->of }}">@endif
                                @if ($view->kind->isDrawing())
                                    <select class="form-select form-select-sm" name="views[{{ $place }}][scale]" aria-label="Scale of {{ $page->words($view) }}"><option value="">the largest that fits</option>@foreach ($page->scales() as $scale => $words)<option value="{{ $scale }}" @selected($scale === $view->scale)>{{ $words }}</option>@endforeach</select>
                                @endif
                                @if ($view->kind === App\Sheets\ViewKind::Plan)
                                    <select class="form-select form-select-sm" name="views[{{ $place }}][layers]" aria-label="What {{ $page->words($view) }} shows">@foreach (App\Drawing\PlanLayers::cases() as $layers)<option value="{{ $layers->value }}" @selected($layers === $view->layers)>{{ $layers->words() }}</option>@endforeach</select>
                                    <select class="form-select form-select-sm" name="views[{{ $place }}][outside]" aria-label="Dimensions outside of {{ $page->words($view) }}"><option value="">dimensions as drawn</option>@foreach (App\Drawing\DimensionStyle::OUTSIDE as $key => $words)<option value="{{ $key }}" @selected($key === $view->outside)>dimensions: {{ __($words) }}</option>@endforeach</select>
                                    <details class="sheets-layers">
                                        <summary>{{ $view->hidden === null ? __('Shown: as on the board') : trans_choice('{0} Everything is shown|{1} One layer is hidden|[2,*] :count layers are hidden', count($view->hidden)) }}</summary>
                                        <label class="sheets-choice"><input type="checkbox" name="views[{{ $place }}][own]" value="1" @checked($view->hidden !== null)> other than on the board:</label>
                                        @foreach (App\Drawing\PlanLayer::cases() as $layer)<label class="sheets-choice"><input type="checkbox" name="views[{{ $place }}][shown][]" value="{{ $layer->value }}" @checked(!in_array($layer, $view->hidden ?? $page->scheme->dimensionStyle()->hidden, true))> {{ $layer->words() }}</label>@endforeach
                                    </details>
                                @endif
                                <span class="sheets-buttons">@if ($place > 0)<button class="btn btn-sm btn-quiet" name="earlier" value="{{ $place }}">Earlier<span class="visually-hidden">: {{ $page->words($view) }}</span></button>@endif<button class="btn btn-sm btn-quiet" name="drop" value="{{ $place }}">Take off<span class="visually-hidden">: {{ $page->words($view) }}</span></button></span>
                            </li>
                        @endforeach
                    </ol>
                    @foreach ($errors->get('views.*') as $messages)<p class="field-error" role="alert">{{ $messages[0] }}</p>@endforeach
                    <label class="form-label" for="sheet-add">Add to the sheet</label>
                    <select class="form-select form-select-sm" id="sheet-add" name="add"><option value="">nothing more</option>@foreach ($page->choices as $key => $words)<option value="{{ $key }}">{{ $words }}</option>@endforeach</select>
                    <p class="sheets-buttons"><button class="btn btn-sm btn-primary">Set</button></p>
                </form>
                <form method="post" action="{{ route('board.sheets.drop', [$page->scheme, $page->number]) }}">@csrf @method('delete')<button class="btn btn-sm btn-quiet">Remove this sheet</button></form>
                <form method="post" action="{{ route('board.sheets.fields', $page->scheme) }}">
                    @csrf @method('put')<input type="hidden" name="sheet" value="{{ $page->number }}">
                    <h3><label for="sheet-fields">Fields of the title block</label></h3>
                    <textarea class="form-control form-control-sm" id="sheet-fields" name="fields" rows="3" maxlength="2000" placeholder="Drawn by: T. Arrieta" aria-describedby="sheet-fields-help">{{ old('fields', App\Sheets\SheetFields::write($page->set->fields)) }}</textarea>
                    @error('fields')<p class="field-error" role="alert">{{ $message }}</p>@enderror
                    <p class="field-help" id="sheet-fields-help">One a line, for this scheme; those of the office are set under People.</p>
                    <button class="btn btn-sm btn-quiet">Set the fields</button>
                </form>
            </div>
        @endif
    </div>
@endsection
