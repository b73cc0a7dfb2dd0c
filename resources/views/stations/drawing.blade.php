<section id="drawing" class="drawn" aria-label="The circuit" tabindex="-1" @if($oob ?? false) hx-swap-oob="true" @endif>
@if($page->circuit)
@if($wide = $page->drawing(false))<x-svg :drawing="$wide" id="wide" class="wide"/>@endif
@if($slim = $page->drawing(true))<x-svg :drawing="$slim" id="slim" class="slim"/>@endif
@include('stations.fall')
@endif
</section>
