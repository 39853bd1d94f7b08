@extends('layouts.page')
@section('title', __('Compare'))
@section('body-class', 'page-compare')
@section('masthead')
    <a href="{{ route('desk') }}">Desk</a> <span aria-hidden="true">/</span> <a href="{{ $page->sides[0]->address() }}">{{ $page->project->name }}</a> <span aria-hidden="true">/</span> <h1>Compare</h1>
@endsection
@section('guide')
    @include('guide', ['project' => $page->project])
@endsection
@section('content')
    <div class="compare">
        <div class="compare-head">
            <nav class="choices" aria-label="Storey">@foreach ($page->storeys() as $level => $name)<a href="{{ $page->address($page->keys(), $level) }}" @if ($level === $page->level) aria-current="true" @endif>{{ $name }}</a>@endforeach</nav>
            @if (count($page->sides) < 3 && $page->others() !== [])
                <form method="get">
                    @foreach ($page->keys() as $key)<input type="hidden" name="with[]" value="{{ $key }}">@endforeach
                    <input type="hidden" name="level" value="{{ $page->level }}">
                    <label for="with">Compare with</label>
                    <select class="form-select form-select-sm" id="with" name="with[]">@foreach ($page->others() as $key => $name)<option value="{{ $key }}">{{ $name }}</option>@endforeach</select>
                    <button class="btn btn-sm btn-primary">Add</button>
                </form>
            @endif
        </div>
        @if (count($page->sides) === 2)
            <nav class="choices compare-ways" aria-label="How the plans are shown"><a href="{{ $page->address($page->keys(), isOver: false) }}" @unless ($page->isOver()) aria-current="true" @endunless>Beside one another</a><a href="{{ $page->address($page->keys(), isOver: true) }}" @if ($page->isOver()) aria-current="true" @endif>One over the other</a></nav>
        @endif
        @if ($page->isOver())
            <section class="compare-over" aria-label="{{ $page->sides[1]->name() }} over {{ $page->sides[0]->name() }}">
                {!! $page->overlay() !!}
                <p class="book-source">Drawn is {{ $page->sides[1]->name() }}; dashed, what of {{ $page->sides[0]->name() }} was otherwise; arrows, how far it went.</p>
            </section>
        @else
        <div class="compare-sides compare-{{ count($page->sides) }}">
            @foreach ($page->sides as $side)
                <section aria-label="{{ $side->name() }}">
                    <h2><a href="{{ $side->address() }}">{{ $side->name() }}</a>@if ($page->project->picked_scheme_id === $side->scheme->id) <span class="state state-signed_off">picked</span>@endif</h2>
                    {!! $page->plan($side) !!}
                    <div class="compare-acts">
                        @if ($page->project->picked_scheme_id !== $side->scheme->id)<form method="post" action="{{ route('projects.pick', $page->project) }}">@csrf<input type="hidden" name="scheme" value="{{ $side->scheme->id }}"><button class="btn btn-sm btn-quiet">Pick {{ $side->scheme->name }}</button></form>@endif
                        <form method="post" action="{{ route('schemes.copy', $side->scheme) }}">@csrf<x-once/><button class="btn btn-sm btn-quiet">Another option from it</button></form>
                        @if (count($page->sides) > 1)<a href="{{ $page->address(array_values(array_diff($page->keys(), [$side->key]))) }}">Leave it out</a>@endif
                    </div>
                </section>
            @endforeach
        </div>
        @endif
        <table class="schedule">
            <caption>In numbers</caption>
            <thead><tr><th scope="col"><span class="visually-hidden">What</span></th>@foreach ($page->sides as $side)<th scope="col">{{ $side->name() }}</th>@endforeach</tr></thead>
            <tbody>
                @foreach ($page->numbers() as $words => $values)<tr @class(['differs' => count(array_unique($values)) > 1])><th scope="row">{{ $words }}</th>@foreach ($values as $value)<td>{{ $value }}</td>@endforeach</tr>@endforeach
                @foreach ($page->rooms() as $cells)<tr @class(['differs' => count(array_unique(array_slice($cells, 1))) > 1])><th scope="row">{{ $cells[0] }}</th>@foreach (array_slice($cells, 1) as $value)<td>{{ $value }}</td>@endforeach</tr>@endforeach
            </tbody>
        </table>
        @foreach (array_slice($page->sides, 1) as $side)
            @php($difference = $page->findings($side))
            <section class="compare-findings">
                <h2>{{ $side->name() }} against {{ $page->sides[0]->name() }}</h2>
                <div class="compare-columns">
                    @foreach (['Gained' => $difference->gained, 'Lost' => $difference->lost] as $words => $findings)
                        <div><h3>{{ $words }}: {{ count($findings) }}</h3><ul>@foreach ($findings as $finding)<li><x-verdict :verdict="$finding->verdict()"/> {{ $finding->rule->title }}, {{ $finding->subject->name() }}@if ($finding->measuredText()): {{ $finding->measuredBriefly() }} of {{ $finding->limitBriefly() }}@endif</li>@endforeach</ul></div>
                    @endforeach
                    <div><h3>In both: {{ count($difference->kept) }}</h3><ul>@foreach ($difference->kept as [$before, $after])@if (!$before->foundFacts()->agreesWith($after->foundFacts()))<li>{{ $after->rule->title }}, {{ $after->subject->name() }}: {{ $before->measuredBriefly() ?? '?' }} is now {{ $after->measuredBriefly() ?? '?' }}</li>@endif @endforeach</ul></div>
                    <div><h3>Drawn otherwise: {{ count($page->changes($side)) }}</h3><ul>@foreach (array_slice($page->changes($side), 0, 60) as $change)<li>{{ $change }}</li>@endforeach</ul></div>
                </div>
            </section>
        @endforeach
    </div>
@endsection
