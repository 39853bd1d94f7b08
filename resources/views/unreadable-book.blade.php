@extends('layouts.page')
@section('title', __('A rule book cannot be read'))
@section('body-class', 'page-sign-in')
@section('content')
    <div class="sign-in">
        <h1>A rule book cannot be read</h1>
        <p>This review is checked against it, and nothing is shown without it. {{ $reason }}</p>
        <a class="btn btn-primary" href="{{ route('rule-books') }}">To the rule books</a>
    </div>
@endsection
