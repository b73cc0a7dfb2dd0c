@php($oob = true)
<input type="hidden" id="base" name="base" value="{{ $page->base }}" hx-swap-oob="true">
@include('frame.headline')
@include('frame.run')
@include('frame.flags')
@include('frame.meter')
@include('frame.line')
<div id="conflict" hx-swap-oob="true"></div><p id="refused" class="refused" hx-swap-oob="true"></p>
@if($whole)<main id="plate" class="plate" tabindex="-1" hx-swap-oob="true">@include("stations.{$page->station}_plate", ['oob' => false])</main>
@elseif($page->station === 'circuit')
@if($page->circuit)@php($live = new App\View\Live($page))<div id="head-sentence" hx-swap-oob="true">@include('stations.head_sentence')</div>@endif
@include('stations.drawing')@include('stations.cards')
@endif
@include('frame.echo')
<p id="live" class="is-sr-only" aria-live="polite" hx-swap-oob="true">@if($page->circuit){{ implode(' ', array_map(fn ($t) => BenchGlow\Quantity\Words::first($t['label']).' '.$t['stands'].'.', $page->triggers())) }} @if($w = $page->weakest()){{ $page->circuit->label }} {{ $w['flux'] > 0.002 ? 'lit' : 'dark' }}, {{ BenchGlow\Quantity\Shown::figure($w['volts']) }} volts at the weakest lamp, @endif{{ count($page->pins()) }} pins.@endif</p>
