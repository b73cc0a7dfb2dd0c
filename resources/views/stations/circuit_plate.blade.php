@if($page->analysis->build->supplies === [])
<section class="empty"><h1>No supply yet</h1><p>A circuit is a source, a way to switch it, and something that glows.</p>@include('stations.add_supply')</section>
@elseif($page->circuit === null)
<section class="empty"><h1>Begin with what glows</h1><p>A circuit is a source, a way to switch it, and something that glows.</p></section>
@else
<h1 class="sentence"><b>{{ $page->circuit->label }}</b> @if(isset($page->analysis->undrawn[$page->circuit->id]))hangs on {{ BenchGlow\Quantity\Words::within($page->analysis->build->mainSupply()->label) }} through switches: {{ ['met' => 'it glows as it should', 'not_met' => 'it does not glow as it should', 'unknown' => 'it can\'t be judged'][$page->analysis->intents[$page->circuit->id]->verdict] }} in {{ count($page->analysis->scenes) }} states.@else glows while {{ $page->analysis->build->mainSupply()->label }} is on.@endif</h1>
@include('stations.sentences')
@include('stations.drawing')
@include('stations.cards')
@include('stations.circuit_tools')
@endif
@include('stations.new_circuit')
