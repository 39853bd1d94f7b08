@extends('layouts.page')
@section('title', Heurema\Language\Text::capital($page->schedule->kind->words()))
@section('body-class', 'page-schedule')
@section('masthead')
    <a href="{{ route('desk') }}">Desk</a> <span aria-hidden="true">/</span> <a href="{{ route('review', $page->revision) }}">{{ $page->revision->scheme->project->name }}</a> <span aria-hidden="true">/</span> <h1>Schedules</h1>
    <span class="masthead-note">{{ $page->revision->scheme->name }}, revision {{ $page->revision->number }}</span>
@endsection
@section('content')
    <div class="schedule-page">
        <div class="schedule-head">
            <nav class="choices" aria-label="What is listed">
                @foreach (Heurema\Review\ScheduleKind::cases() as $kind)
                    <a href="{{ $page->kind($kind) }}" @if ($kind === $page->schedule->kind) aria-current="true" @endif>{{ Heurema\Language\Text::capital($kind->words()) }}</a>
                @endforeach
            </nav>
            <form method="get" role="search"><label for="q">Only</label> <input class="form-control form-control-sm" id="q" name="q" value="{{ $page->search }}" maxlength="100"><button class="btn btn-sm btn-primary">Show</button></form>
            <span><button class="btn btn-sm btn-quiet" data-copies="schedule">Copy</button> <a href="{{ $page->file('csv') }}">CSV</a> <a href="{{ $page->file('xlsx') }}">XLSX</a></span>
        </div>
        <table class="schedule" id="schedule">
            <thead>
                <tr>
                    @unless ($page->isByStorey())<th scope="col">Mark</th>@endunless<th scope="col">{{ $page->schedule->kind->row() }}</th>@unless ($page->isByStorey())<th scope="col">Storey</th>@endunless
                    @foreach ($page->columns() as $column)<th scope="col" @if ($page->sort === $column) aria-sort="{{ $page->isDescending ? 'descending' : 'ascending' }}" @endif><a href="{{ $page->sorted($column) }}">{{ $column }}</a></th>@endforeach
                </tr>
            </thead>
            <tbody>
                @forelse ($page->schedule->rows as $row)
                    <tr>
                        @unless ($page->isByStorey())<td>{{ $row->mark }}</td>@endunless
                        <th scope="row"><a href="{{ route('review', ['revision' => $page->revision, 'subject' => $row->subject->id(), 'show' => 'all']) }}">{{ $row->subject->name() }}</a></th>
                        @unless ($page->isByStorey())<td>{{ $row->storey }}</td>@endunless
                        @foreach ($row->cells as $cell)
                            <td>
                                @if ($cell->finding)<x-verdict :verdict="$cell->finding->verdict()" :slim="$cell->finding->outcome->slim"/><span class="visually-hidden">{{ $cell->finding->verdict()->words() }}</span>@endif
                                {{ $cell->text }}@if ($cell->limit())<span class="book-source">{{ $cell->finding?->limitBriefly() }}</span>@endif
                            </td>
                        @endforeach
                    </tr>
                @empty
                    <tr><td colspan="{{ count($page->columns()) + ($page->isByStorey() ? 1 : 3) }}">None.</td></tr>
                @endforelse
            </tbody>
        </table>
    </div>
@endsection
