@extends('layouts.page')
@section('title', __('Rule books'))
@section('body-class', 'page-books')
@section('masthead')
    <a href="{{ route('desk') }}">Desk</a> <span aria-hidden="true">/</span> <h1>Rule books</h1>
@endsection
@section('content')
    <div class="books">
        @can('invite', App\Models\User::class)
            <form class="examine-again" method="post" action="{{ route('examination.start') }}">@csrf<x-once/><button class="btn btn-sm btn-primary">Examine all open reviews again</button> <span class="book-source">after a book has changed</span></form>
        @endcan
        <div hx-get="{{ route('examination') }}" hx-trigger="load" hx-swap="outerHTML"></div>
        <p><a href="{{ route('measures') }}">All measures that a rule can ask about</a></p>
        @foreach ($unreadable as $reason)
            <p class="book-unreadable" role="alert">A rule book is left out, as it cannot be read. {{ $reason }}</p>
        @endforeach
        <ul class="book-list">
            @foreach ($books as $book)
                <li>
                    <a class="book-link" href="{{ route('rule-book', $book->id) }}">{{ $book->title }}</a>
                    <span class="book-facts">{{ count($book->rules) }} rules, <code>{{ $book->id }}</code></span>
                    <p>{{ $book->scope }}.</p>
                    <p class="book-source">{{ $book->source }}</p>
                </li>
            @endforeach
        </ul>
    </div>
@endsection
