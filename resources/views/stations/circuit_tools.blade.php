<section class="tools-row" aria-label="This circuit">
<x-blank :page="$page" :id="$page->circuit->id" field="label" label="Name" size="18" :value="$page->circuit->label"/>
<form class="act" method="post" action="{{ $page->to('edit') }}" hx-post="{{ $page->to('edit') }}" hx-swap="none" hx-include="#base" hx-sync="#bench:queue all"><x-hidden :page="$page"/><input type="hidden" name="op" value="copy_circuit"><input type="hidden" name="id" value="{{ $page->circuit->id }}"><input type="hidden" name="render" value="all"><button class="button">Copy this circuit</button></form>
<x-act :page="$page" :edit="['op' => 'remove', 'id' => $page->circuit->id]">Remove this circuit</x-act>
<details class="adder"><summary>One more light in it</summary>
<form method="post" action="{{ $page->to('edit') }}" hx-post="{{ $page->to('edit') }}" hx-swap="none" hx-include="#base" hx-sync="#bench:queue all"><x-hidden :page="$page" echo="add-light-echo"/><input type="hidden" name="op" value="add_light"><input type="hidden" name="circuit" value="{{ $page->circuit->id }}"><input type="hidden" name="render" value="all">
@include('stations.light_fields', ['prefix' => 'al'])<button class="button is-primary">Add the light</button><span class="echo" id="add-light-echo"></span></form></details>
@foreach($page->lights() as $light)
@if($light->kind === 'strip')
<details class="adder"><summary>Measure {{ BenchGlow\Quantity\Words::within($light->label) }}'s rails</summary>
<form method="post" action="{{ $page->to('edit') }}" hx-post="{{ $page->to('edit') }}" hx-swap="none" hx-include="#base" hx-sync="#bench:queue all"><x-hidden :page="$page" :echo="'cal-'.$light->id"/><input type="hidden" name="op" value="calibrate"><input type="hidden" name="id" value="{{ $light->id }}"><input type="hidden" name="render" value="all">
<p>Light a piece from one end. Read volts at both ends and the amps; the rails are fitted to them and kept with the part as measured. Now: <span class="figure">{{ BenchGlow\Quantity\Shown::plain($light->strip()->railOhmPerM, 3) }} ohm/m</span>, {{ $light->part->text('rail_from', 'typical') }}.</p>
@foreach(['piece' => ['Piece', $page->length($light->fit()->cutM)], 'fed' => ['Fed end', '12.0 V'], 'far' => ['Far end', ''], 'amps' => ['Amps', '']] as $name => [$text, $value])<span class="blank"><label for="cal-{{ $light->id }}-{{ $name }}">{{ $text }}</label><input class="typed" size="8" id="cal-{{ $light->id }}-{{ $name }}" name="{{ $name }}" value="{{ $value }}" autocomplete="off"></span>@endforeach
<button class="button is-primary">Keep the readings</button><span class="echo" id="cal-{{ $light->id }}"></span></form></details>
@endif
@endforeach
</section>
