@php($oob = true)
<input type="hidden" id="base" name="base" value="{{ $page->base }}" hx-swap-oob="true">
@include('frame.headline')
@include('frame.run')
@include('frame.flags')
@include('frame.meter')
@include('frame.line')
<div id="conflict" hx-swap-oob="true"></div><p id="refused" class="refused" hx-swap-oob="true"></p>
@if($whole)<main id="plate" class="plate" tabindex="-1" hx-swap-oob="true">@include("stations.{$page->station}_plate", ['oob' => false])</main>
@elseif($page->station === 'circuit')@include('stations.drawing')@include('stations.cards')
@endif
@include('frame.echo')
<p id="live" class="is-sr-only" aria-live="polite" hx-swap-oob="true">@if($w = $page->weakest()){{ $page->circuit->label }}: {{ BenchGlow\Quantity\Shown::figure($w['volts']) }} volts at the weakest lamp, {{ BenchGlow\Quantity\Shown::percent($w['flux']) }} of the light, {{ count($page->pins()) }} pins.@endif</p>
