@extends('layouts.page')
@section('title', __('Outbox'))
@section('body-class', 'page-books')
@section('masthead')
    <a href="{{ route('people') }}">People</a> <span aria-hidden="true">/</span> <h1>Outbox</h1>
@endsection
@section('content')
    <div class="books">
        <p>No mail leaves this machine: what would have gone out is kept here, without the links that are for whoever gets the mail alone.</p>
        @forelse ($mails as $mail)
            <article class="mail"><h2>{{ $mail->subject }}</h2><p class="book-source">to {{ $mail->to }}, {{ $mail->created_at->translatedFormat(__('j F Y, H:i')) }}</p><pre>{{ $mail->body }}</pre></article>
        @empty
            <p>Nothing yet.</p>
        @endforelse
    </div>
@endsection
