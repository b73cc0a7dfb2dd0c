@php($oob = true)
@include('frame.flags')
@include('frame.line')
@include('frame.meter')
@if($page->station === 'circuit')@include('stations.drawing')@endif
@include('frame.echo')
