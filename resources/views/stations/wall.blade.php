@include('frame.head', ['title' => 'Builds', 'preference' => $preference])
<body class="wall-page" @if($preference->keys_on) data-keys @endif>
<a class="skip" href="#plate">To the builds</a>
@include('frame.bar')
<main id="plate" class="wall">
<h1 class="is-sr-only">Builds</h1>
@if(session('refused'))<p class="refused"><span class="wrong" role="alert">{{ session('refused') }}</span></p>@endif
@if(session('said'))<div class="notice row"><span>{{ session('said') }}</span><form method="post" action="/b/{{ session('down') }}/hang-back">@csrf<button class="button is-small">Hang it back</button></form></div>@endif
@foreach($damaged as $key => $sentence)<p class="notice"><a href="/b/{{ $key }}/circuit">{{ $sentence }}</a></p>@endforeach
<div class="rail" aria-hidden="true"></div>
@if($pages === [])<p class="quiet">Nothing hangs here yet. Start one below, or read in a build file.</p>@endif
<ul class="hung">
@foreach($pages as $page)
@php($worst = $page->analysis->open()[0] ?? null)
<li><a href="{{ $page->url() }}"><span class="string" aria-hidden="true"></span>
<svg class="picture" viewBox="0 0 300 {{ 24 + 34 * max(1, min(5, count($page->analysis->build->circuits))) }}" role="img" aria-label="Its circuits, lit">@foreach(array_slice(array_values($page->analysis->build->circuits), 0, 5) as $n => $circuit)@foreach(array_slice($page->analysis->build->lightsOf($circuit->id), 0, 1) as $light){!! App\Support\Svg::shapes(BenchGlow\Drawing\LightRow::shapes($light, $page->analysis->litState($light->id, 'nominal')->lights[$light->id] ?? [], 14.0, 20.0 + 34 * $n, 272.0, 15.0)) !!}@endforeach @endforeach</svg>
<h2>{{ $page->document->title() }}</h2>
<p class="muted">{{ str_replace('_', ' ', $page->document->fields()->text('place')) }} · {{ count($page->analysis->build->circuits) }} circuits · <span class="figure">{{ BenchGlow\Quantity\Shown::amps($page->analysis->states['nominal']->totalA()) }}</span></p>
<p class="beads" role="img" aria-label="Brief {{ $page->bead('brief') }}, Circuit {{ $page->bead('circuit') }}, Hand over {{ $page->bead('handover') }}">@foreach(['brief', 'circuit', 'handover'] as $station)<i></i><svg class="{{ $page->bead($station) }}" viewBox="0 0 14 14" width="14" height="14" aria-hidden="true"><circle cx="7" cy="7" r="5"/>@if($page->bead($station) === 'danger')<path d="M1 13L13 1"/>@endif</svg>@endforeach<i></i></p>
<p class="worst">@if($worst)<x-severity :of="$worst->severity->value"/> {{ mb_strimwidth($worst->message, 0, 110, '…') }}@else Nothing stands out.@endif</p></a></li>
@endforeach
</ul>
<section class="start" id="start"><h2>Start a build</h2>
<form method="post" action="/builds">@csrf<div class="says">
<span class="blank"><label for="title">Name</label><input class="typed" id="title" name="title" size="18" value="{{ old('title') }}" autocomplete="off"></span>
<span class="blank"><label for="place">on a</label><select class="typed" id="place" name="place">@foreach(App\View\Shelf::places() as $key => $text)<option value="{{ $key }}" @selected(old('place') === $key)>{{ $text }}</option>@endforeach</select></span>
<span class="blank"><label for="supply">fed by</label><select class="typed" id="supply" name="supply">@foreach(App\View\Shelf::supplies() as $key => $text)<option value="{{ $key }}" @selected(old('supply') === $key)>{{ $text }}</option>@endforeach</select></span>
<button class="button is-primary">Start a build</button></div></form>
<form method="post" action="/builds/import" enctype="multipart/form-data">@csrf<div class="says"><span class="blank"><label for="file">Build file</label><input class="typed" id="file" type="file" name="file" accept=".json,application/json"></span><button class="button">Read it in</button></div></form>
</section>
</main></body></html>
