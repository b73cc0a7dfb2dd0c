@extends('frame.page')
@section('plate')
@include('stations.circuit_plate')
@endsection
