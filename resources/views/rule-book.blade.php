@extends('layouts.page')
@section('title', $page->book->title)
@section('body-class', 'page-books')
@section('masthead')
    <a href="{{ route('rule-books') }}">Rule books</a> <span aria-hidden="true">/</span> <h1>{{ $page->book->title }}</h1>
@endsection
@section('content')
    <div class="books">
        <div class="book-head">
            <p>{{ $page->book->scope }}. {{ $page->book->source }}</p>
            <form method="get" role="search"><label for="q">Search</label> <input class="form-control" id="q" name="q" value="{{ $page->search }}" maxlength="100"><button class="btn btn-primary">Find</button></form>
        </div>
        @php($parts = $page->parts())
        <p class="book-count">{{ array_sum(array_map('count', $parts)) }} of {{ count($page->book->rules) }} rules</p>
        <nav class="book-parts" aria-label="Parts of the book">
            @foreach ($parts as $part => $rules)
                <div>
                    <a href="#{{ Str::slug($part) }}">{{ $part }}</a>
                    @foreach ($rules as $rule)<a class="clause" href="#{{ $rule->id }}" title="{{ $rule->title }}">{{ $rule->clause }}</a> @endforeach
                </div>
            @endforeach
        </nav>
        @foreach ($parts as $part => $rules)
        <h2 class="book-part" id="{{ Str::slug($part) }}">{{ $part }}</h2>
        @foreach ($rules as $rule)
            <article class="rule" id="{{ $rule->id }}">
                <p class="rule-clause">{{ $rule->clause }}</p>
                <div>
                    <h3>{{ $rule->title }}</h3>
                    <p class="rule-wants">{{ $page->wants($rule) }}</p>
                    @if ($rule->off)<p class="rule-off">Switched off by {{ $rule->layer }}: {{ $rule->off }}</p>@endif
                    @if ($rule->when)<p class="rule-when">where <code>{{ $rule->when->text() }}</code></p>@endif
                    @foreach ($rule->prefer as $preference)<p class="rule-when">better: {{ $preference->comparison->bound->words() }} {{ $preference->comparison->limit->text() }} ({{ $preference->source }})</p>@endforeach
                    @foreach ($rule->unless as $exemption)<p class="rule-when">except: {{ $exemption->name }}</p>@endforeach
                    <p class="evidence-why">{{ $rule->why }}</p>
                    @if ($rule->isDoubtful)<p class="rule-doubtful"><b>Doubtful.</b> {{ $rule->note }}</p>@elseif ($rule->note)<p class="rule-when">{{ $rule->note }}</p>@endif
                    <p class="book-source">Source: {{ $rule->source }}. <code>{{ $page->book->id }}/{{ $rule->id }}</code>@if ($rule->layer !== $page->book->id), decided by {{ $rule->layer }}@endif</p>
                    <details>
                        <summary>{{ count($rule->examples) }} worked examples</summary>
                        <ul class="rule-examples">
                            @foreach ($rule->examples as $example)
                                <li>
                                    {!! $page->figure($rule, $example) !!}
                                    <p><x-verdict :verdict="$page->verdict($example)"/> <b>{{ $page->verdict($example)->words() }}</b> {{ $example->says }}: {{ $page->facts($example) }}</p>
                                </li>
                            @endforeach
                        </ul>
                    </details>
                </div>
            </article>
        @endforeach
        @endforeach
    </div>
@endsection
