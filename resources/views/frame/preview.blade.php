@include('frame.flags')
@include('frame.line')
@include('frame.meter')
@foreach ($frame->station->outputs(true) as $output)
    @include($output)
@endforeach
@include('frame.echo')
