@extends('layouts.page')
@section('title', __('Taped on site'))
@section('body-class', 'page-schedule page-survey')
@section('masthead')
    <a href="{{ route('desk') }}">Desk</a> <span aria-hidden="true">/</span> <a href="{{ route('board', $page->scheme) }}">{{ $page->scheme->project->name }}</a> <span aria-hidden="true">/</span> <h1>Taped on site</h1>
    <span class="masthead-note">{{ $page->scheme->name }}</span>
@endsection
@section('content')
    @php([$chains, $plans] = [$page->chains(), $page->plans()])
    <div class="schedule-page">
        <table class="schedule">
            <caption>Lengths and heights taped</caption>
            <thead><tr>@foreach ([__('What'), __('Storey'), __('Drawn'), __('Taped'), __('Difference'), __('Chain'), __('By')] as $column)<th scope="col">{{ $column }}</th>@endforeach</tr></thead>
            <tbody>
                @forelse ($page->rows() as $row)
                    <tr>
                        <th scope="row"><a href="{{ route('board', ['scheme' => $page->scheme, 'select' => $row->id]) }}">{{ $row->name }}</a></th>
                        <td>{{ $row->storey }}</td><td>{{ $row->drawn }}</td><td>{{ $row->taped }}</td>
                        <td>{{ $row->off }}@if ($row->slip !== '') <span class="book-source">{{ $row->slip }}</span>@endif</td>
                        <td>{{ $row->chain }}</td><td>{{ $row->who }}</td>
                    </tr>
                @empty
                    <tr><td colspan="7">Nothing was taped yet: choose <i>Measure</i> on the board, point at two places and type what you read; heights are kept with their room, door or window.</td></tr>
                @endforelse
            </tbody>
        </table>
        @if ($chains !== [])
            <h2>Chains</h2>
            <dl class="survey-chains">@foreach ($chains as $chain => $working)<div><dt>{{ $chain }}</dt><dd>{{ implode(' ', $working) }}</dd></div>@endforeach</dl>
        @endif
        <h2>Still to be taped</h2>
        @forelse ($page->untaped() as $storey => $list)
            <section class="survey-untaped">
                <h3>{{ $storey }}</h3>
                <div class="survey-plan">{!! $plans[$storey] !!}</div>
                <table class="schedule">
                    <thead><tr><th scope="col">Of</th><th scope="col">What</th><th scope="col">Read</th></tr></thead>
                    <tbody>@foreach ($list as $name => $lacks)@foreach ($lacks as $lack)<tr>@if ($loop->first)<th scope="rowgroup" rowspan="{{ count($lacks) }}">{{ $name }}</th>@endif<td>{{ $lack }}</td><td class="survey-blank"></td></tr>@endforeach @endforeach</tbody>
                </table>
            </section>
        @empty
            <p>Every room and opening was taped.</p>
        @endforelse
    </div>
@endsection
