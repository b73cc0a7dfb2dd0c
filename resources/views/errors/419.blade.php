@extends('errors.page')
@section('title', 'This page stood too long')
@section('says', 'It was open so long that the bench no longer knows it, so what you sent was not taken.')
@section('kept', 'Nothing that was kept before is lost. Go back, load the page anew and do it again.')
@section('ways')
    <a
        class="button is-primary"
        href="{{ url()->previous('/') }}"
    >Back to the page, loaded anew</a>
@endsection
