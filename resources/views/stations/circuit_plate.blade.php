@if($page->analysis->build->supplies === [])
<section class="empty"><h1>No supply yet</h1><p>A circuit is a source, a way to switch it, and something that glows.</p>@include('stations.add_supply')</section>
@elseif($page->circuit === null)
<section class="empty"><h1>Begin with what glows</h1><p>A circuit is a source, a way to switch it, and something that glows.</p></section>
@else
@php($live = new App\View\Live($page))
<div id="head-sentence">@include('stations.head_sentence')</div>
@include('stations.drawing')
@include('stations.player')
@include('stations.sentences')
@include('stations.wants')
@include('stations.ways')
@include('stations.cards')
@include('stations.acts')
@include('stations.show')
@include('stations.circuit_tools')
@endif
@include('stations.new_circuit')
