@extends('frame.page')
@section('plate')
    @include('frame.conflict')
@endsection
