<section id="drawing" class="drawn" aria-label="The circuit" tabindex="-1" @if($oob ?? false) hx-swap-oob="true" @endif>
@if($page->circuit)
@php($live ??= new App\View\Live($page))
@if($wide = $page->drawing(false))<x-svg :drawing="$wide" id="wide" class="wide"/>@endif
@if($slim = $page->drawing(true))<x-svg :drawing="$slim" id="slim" class="slim"/>@endif
@include('stations.fall')
@include('stations.tips')
<details class="in-words"><summary>Every part in words</summary><ul>@foreach($live->parts() as $part)<li><a href="#drawing" data-shows="{{ $part['part'] }}">{{ $part['says'] }}</a></li>@endforeach</ul></details>
@include('stations.truth')
@endif
</section>
