@extends('frame.page')
@section('plate')@include('stations.handover_plate')@endsection
