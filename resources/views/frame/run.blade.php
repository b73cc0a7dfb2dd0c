@php($stations = ['brief' => ['Brief', 1], 'probe' => null, 'layout' => null, 'circuit' => ['Circuit', 4], 'harness' => null, 'build' => null, 'prove' => null, 'handover' => ['Hand over', 8]])
<nav id="run" class="run" aria-label="The run: stations of this build" @if($oob ?? false) hx-swap-oob="true" @endif>
<span class="source" aria-hidden="true"></span>
<ol>
@foreach($stations as $key => $station)
@if($station === null)<li class="wire" aria-hidden="true"></li>
@else
@php($bead = $page->bead($key))
<li @class(['bead-at', $bead, 'here' => $page->station === $key])><a href="{{ $page->url(['station' => $key]) }}" data-station="{{ $station[1] }}" @if($page->station === $key) aria-current="page" @endif>
<svg viewBox="0 0 44 36" width="44" height="36" aria-hidden="true">@if($bead === 'holds')<path class="rays" d="M22 1v4M22 31v4M5 18h4M35 18h4M10 6l3 3M31 27l3 3M34 6l-3 3M13 27l-3 3"/>@endif<circle cx="22" cy="18" r="10"/>@if($bead === 'begun')<path class="filament" d="M16 20q3-8 6-2t6-2"/>@endif @if($bead === 'danger')<path class="barred" d="M10 30L34 6"/>@endif @if($key === 'circuit' && $bead === 'begun')<path class="wedge" d="M36 2l7 12h-4l-3-4-3 4h-4z"/>@endif</svg>
<span>{{ $station[0] }}</span><span class="is-sr-only">: {{ ['holds' => 'its checks hold', 'begun' => 'begun', 'ring' => 'nothing yet', 'danger' => 'danger'][$bead] }}</span></a></li>
@endif
@endforeach
</ol><span class="glow-word" aria-hidden="true">glow</span>
</nav>
