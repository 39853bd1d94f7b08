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
        @foreach ($parts as $part => $rules)
            <details class="book-part" id="{{ Str::slug($part) }}" @if ($page->isOpen()) open @endif>
                <summary><h2>{{ $part }}</h2> <span>{{ trans_choice('{1} one rule|[2,*] :count rules', count($rules)) }}</span></summary>
                @foreach ($rules as $rule)
                    <details class="rule" id="{{ $rule->id }}">
                        <summary>
                            <h3>{{ $rule->title }}</h3>
                            <span class="rule-wants">{{ $page->wants($rule) }}</span>
                            <span class="rule-clause">{{ $rule->clause }}</span>
                            @if ($rule->off !== null)<span class="rule-off">switched off</span>@elseif ($page->amendedBy($rule) !== null)<span class="rule-amended">amended</span>@endif
                            @if ($rule->isDoubtful)<span class="rule-doubtful">doubtful</span>@endif
                        </summary>
                        <dl>
                            @if ($rule->off !== null)<div><dt>Switched off</dt><dd>by {{ $rule->layer }}: {{ $rule->off }}</dd></div>@endif
                            @if ($rule->when)<div><dt>Applies where</dt><dd><code>{{ $rule->when->text() }}</code></dd></div>@endif
                            @foreach ($rule->prefer as $preference)<div><dt>Better</dt><dd>{{ $preference->comparison->bound->words() }} {{ $preference->comparison->limit->text() }} ({{ $preference->source }})</dd></div>@endforeach
                            @foreach ($rule->unless as $exemption)<div><dt>Except</dt><dd>{{ $exemption->name }}</dd></div>@endforeach
                            <div><dt>Needs to know</dt><dd>{{ implode(', ', $page->neededFacts($rule)) }}</dd></div>
                            <div><dt>Why</dt><dd class="evidence-why">{{ $rule->why }}</dd></div>
                            @if ($rule->note)<div><dt>{{ $rule->isDoubtful ? __('Doubtful') : __('Note') }}</dt><dd>{{ $rule->note }}</dd></div>@endif
                            <div><dt>Source</dt><dd>{{ $rule->source }}. <code>{{ $page->book->id }}/{{ $rule->id }}</code>@if ($page->amendedBy($rule) !== null), decided by {{ $page->amendedBy($rule) }}@endif</dd></div>
                        </dl>
                        <h4>{{ trans_choice('{1} One worked example|[2,*] :count worked examples', count($rule->examples)) }}</h4>
                        <ul class="rule-examples">
                            @foreach ($rule->examples as $example)
                                <li>
                                    {!! $page->figure($rule, $example) !!}
                                    <p><x-verdict :verdict="$page->verdict($example)"/> <b>{{ $page->verdict($example)->words() }}</b> {{ $example->says }}: {{ $page->facts($example) }}</p>
                                </li>
                            @endforeach
                        </ul>
                    </details>
                @endforeach
            </details>
        @endforeach
    </div>
@endsection
