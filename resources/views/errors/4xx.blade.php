@extends('errors.minimal')
@section('code', $exception->getStatusCode())
@section('message', $exception->getMessage() ?: 'It could not be done')
