@extends('errors.page')
@section('title', 'The bench is being set up')
@section('says', 'It is brought up to date right now. Give it a moment, then try again.')
@section('kept', 'Your builds are not touched by that.')
@section('ways')
    <a
        class="button is-primary"
        href="{{ request()->fullUrl() }}"
    >Try it again</a>
@endsection
