@if($page->analysis->build->supplies !== [])
<section class="new-circuit" id="new-circuit" aria-label="A new circuit"><h2>A new circuit: begin with what glows</h2>
<form method="post" action="{{ $page->to('edit') }}" hx-post="{{ $page->to('edit') }}" hx-swap="none" hx-include="#base" hx-sync="#bench:queue all"><x-hidden :page="$page" echo="new-circuit-echo"/><input type="hidden" name="op" value="add_circuit"><input type="hidden" name="render" value="new">
@include('stations.light_fields', ['prefix' => 'nc'])<button class="button is-primary">Add the circuit</button><span class="echo" id="new-circuit-echo"></span></form></section>
@endif
