@extends('layouts.page')
@section('title', __('A drawing cannot be read'))
@section('body-class', 'page-sign-in')
@section('content')
    <div class="sign-in">
        <h1>A drawing cannot be read</h1>
        <p>What is stored of this home is no drawing that Heurema understands, and nothing is shown without it. {{ $reason }}</p>
        <a class="btn btn-primary" href="{{ route('desk') }}">To the desk</a>
    </div>
@endsection
