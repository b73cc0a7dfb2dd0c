<section id="flags" class="flags" aria-label="Supplies and circuits" @if($oob ?? false) hx-swap-oob="true" @endif>
@foreach($page->analysis->build->supplies as $supply)
<div class="supply-head" data-part="{{ $supply->id }}"><b>{{ $supply->label }}</b><span class="figure">{{ BenchGlow\Quantity\Shown::volts($supply->volts($page->state())) }}</span><span class="muted">{{ str_replace('_', ' ', preg_replace('/_\d+v$/', '', $supply->kind)) }}{{ $supply->capacityAh ? ', '.BenchGlow\Quantity\Shown::plain($supply->capacityAh).' Ah' : ($supply->ratedW ? ', '.BenchGlow\Quantity\Shown::plain($supply->ratedW).' W' : '') }}</span></div>
@endforeach
<ul>
@foreach(array_values($page->analysis->build->circuits) as $n => $circuit)
@php($here = $page->circuit?->id === $circuit->id)
<li><a @class(['flag', 'here' => $here, 'lit' => $page->lit($circuit->id)]) href="{{ $page->url(['c' => $circuit->id, 'station' => $page->station]) }}" data-flag="{{ $circuit->flag }}" @if($here) aria-current="true" @endif>
<svg class="stripes" viewBox="0 0 22 44" width="22" height="44" aria-hidden="true">@for($s = 0; $s <= $n % 4; $s++)<rect x="{{ 2 + $s * 5 }}" y="2" width="{{ $n >= 4 ? 2 : 3 }}" height="40"/>@endfor</svg>
<span class="flag-tag">{{ $circuit->flag }}</span>
<span class="name">{{ $circuit->label }}<small class="figure">{{ $page->flagWords($circuit->id) }}</small></span>
<svg class="lamp" viewBox="0 0 20 20" width="20" height="20" aria-hidden="true"><circle cx="10" cy="10" r="6"/></svg></a></li>
@endforeach
</ul>
<a class="more" href="#new-circuit">+ a circuit</a>
<p class="foot">{{ $page->litCount() }} lit · <span class="figure">{{ BenchGlow\Quantity\Shown::amps($page->analysis->states[$page->state()]->totalA()) }}</span>
@foreach($page->analysis->build->supplies as $supply)@if($flat = $page->flatBy($supply->id))<br>{{ $flat }}@endif @endforeach</p>
</section>
