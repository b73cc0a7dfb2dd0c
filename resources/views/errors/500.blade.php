@extends('errors.page')
@section('title', 'Something in the bench failed')
@section('says', 'That is our fault, not yours. It was written to the log of this machine.')
@section('kept', 'A change is kept whole or not at all: what was kept before this is still there.')
@section('ways')
    <a
        class="button is-primary"
        href="{{ request()->isMethod('get') ? request()->fullUrl() : url()->previous('/') }}"
    >Try it again</a>
@endsection
