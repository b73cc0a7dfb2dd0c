@if($page->analysis->build->supplies === [])
<section class="empty"><h1>No supply yet</h1><p>A circuit is a source, a way to switch it, and something that glows.</p>@include('stations.add_supply')</section>
@elseif($page->circuit === null)
<section class="empty"><h1>Begin with what glows</h1><p>A circuit is a source, a way to switch it, and something that glows.</p></section>
@else
<h1 class="sentence"><b>{{ $page->circuit->label }}</b> glows while {{ $page->analysis->build->mainSupply()->label }} is on.</h1>
@include('stations.sentences')
@include('stations.drawing')
@include('stations.cards')
@include('stations.circuit_tools')
@endif
@include('stations.new_circuit')
