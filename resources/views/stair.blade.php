@extends('layouts.page')
@section('title', $page->stair->name())
@section('body-class', 'page-stair')
@section('masthead')
    <a href="{{ route('desk') }}">Desk</a> <span aria-hidden="true">/</span>
    @if ($page->revision)
        <a href="{{ route('review', $page->revision) }}">{{ $page->scheme->project->name }}</a>
    @else
        <a href="{{ route('board', $page->scheme) }}">{{ $page->scheme->project->name }}</a>
    @endif
    <span aria-hidden="true">/</span> <h1>{{ $page->stair->name() }}</h1>
    <span class="masthead-note">{{ $page->scheme->name }}@if ($page->revision), revision {{ $page->revision->number }}@endif</span>
@endsection
@section('content')
    <div class="stair-page">
        <section class="stair-drawings" aria-label="Drawings" tabindex="0">
            @if ($page->missing() !== [])
                <p class="evidence-missing"><b>Not known:</b> {{ implode('; ', $page->missing()) }}. Without it no section can be drawn.</p>
            @endif
            {!! $page->section() !!}
            @if ($page->pattern() !== '')
                <h2>Rolled out along the line one walks</h2>
                {!! $page->pattern() !!}
            @endif
        </section>
        <aside class="stair-figures">
            @error('stair')<p class="field-error" role="alert">{{ $message }}</p>@enderror
            <h2>Measured</h2>
            <dl class="figures">
                @foreach ($page->measured() as $words => $value)<div><dt>{{ $words }}</dt><dd>{{ $value }}</dd></div>@endforeach
            </dl>
            @includeUnless($page->revision, 'stair-design')
            <h2>Checked against the books</h2>
            <table class="side-by-side">
                <thead><tr><th scope="col"><span class="visually-hidden">Verdict</span></th><th scope="col">Rule</th><th scope="col">Measured</th><th scope="col">Limit</th></tr></thead>
                <tbody>
                    @foreach ($page->findings() as $finding)
                        <tr>
                            <td><x-verdict :verdict="$finding->verdict()" :slim="$finding->outcome->slim"/><span class="visually-hidden">{{ $finding->verdict()->words() }}</span></td>
                            <th scope="row">@if ($page->revision)<a href="{{ route('review', ['revision' => $page->revision, 'finding' => $finding->fingerprint(), 'show' => 'all']) }}">{{ $finding->rule->title }}</a>@else{{ $finding->rule->title }}@endif<span class="book-source">{{ $finding->book->title }}, {{ $finding->rule->clause }}</span></th>
                            <td>{{ $finding->measuredBriefly() }}</td>
                            <td>{{ $finding->limitBriefly() }}</td>
                        </tr>
                    @endforeach
                </tbody>
            </table>
        </aside>
    </div>
@endsection
