@extends('layouts.page')
@section('title', $page->title)
@section('body-class', 'page-books')
@section('masthead')
    <a href="{{ route('help') }}">Help</a> <span aria-hidden="true">/</span> <h1>{{ $page->title }}</h1>
@endsection
@section('content')
    <div class="help">
        <nav aria-label="Pages of the help"><ul>@foreach (App\Pages\HelpPage::PAGES as $key => $title)<li><a href="{{ route('help.page', $key) }}" @if ($key === $page->key) aria-current="page" @endif>{{ __($title) }}</a></li>@endforeach</ul></nav>
        <article>{!! $page->html() !!}</article>
    </div>
@endsection
