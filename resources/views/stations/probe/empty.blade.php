<h1 class="sentence">No wire here yet. <b>How many come out of the plug, and where is it?</b></h1>
@include('stations.probe.add')
<p>Or <a href="{{ route('practice', [], false) }}">practise it first</a>, on a host that is solved like a real one.</p>
@include('stations.probe.table')
