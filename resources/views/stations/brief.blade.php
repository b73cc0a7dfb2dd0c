@extends('frame.page')
@section('plate')@include('stations.brief_plate')@endsection
