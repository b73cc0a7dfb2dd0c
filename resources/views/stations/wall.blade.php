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
@php($worst = $page->review->open()[0] ?? null)
<li><a href="{{ $page->url() }}"><span class="string" aria-hidden="true"></span>
<svg class="picture" viewBox="0 0 300 {{ 24 + 34 * max(1, min(5, count($page->analysis->build->circuits))) }}" role="img" aria-label="Its circuits, lit">@foreach(array_slice(array_values($page->analysis->build->circuits), 0, 5) as $n => $circuit)@foreach(array_slice($page->analysis->build->lightsOf($circuit->id), 0, 1) as $light){!! App\Support\Svg::shapes(BenchGlow\Drawing\LightRow::shapes($light, $page->analysis->litState($light->id, 'nominal')->lights[$light->id] ?? [], 14.0, 20.0 + 34 * $n, 272.0, 15.0)) !!}@endforeach @endforeach</svg>
<h2>{{ $page->document->title() }}</h2>
<p class="muted">{{ str_replace('_', ' ', $page->document->fields()->text('place')) }} · {{ count($page->analysis->build->circuits) }} circuits · <span class="figure">{{ BenchGlow\Quantity\Shown::amps($page->analysis->states['nominal']->totalA()) }}</span></p>
<p class="beads" role="img" aria-label="Brief {{ $page->bead('brief') }}, Circuit {{ $page->bead('circuit') }}, Hand over {{ $page->bead('handover') }}">@foreach(['brief', 'circuit', 'handover'] as $station)<i></i><svg class="{{ $page->bead($station) }}" viewBox="0 0 14 14" width="14" height="14" aria-hidden="true"><circle cx="7" cy="7" r="5"/>@if($page->bead($station) === 'danger')<path d="M1 13L13 1"/>@endif</svg>@endforeach<i></i></p>
<p class="worst">@if($worst)<x-severity :of="$worst->severity->value"/> {{ mb_strimwidth($worst->message, 0, 110, '…') }}@else Nothing stands out.@endif</p></a></li>
@endforeach
</ul>
<section class="start" id="start"><h2>Start a build: five questions, each may be skipped</h2>
<form class="five" method="post" action="/builds">@csrf
<fieldset><legend><b>1</b> Where will it glow?</legend><span class="blank"><label for="place">on a</label><select class="typed" id="place" name="place"><option value="">skip</option>@foreach(App\View\Shelf::places() as $key => $text)<option value="{{ $key }}" @selected(old('place') === $key)>{{ $text }}</option>@endforeach</select></span><span class="blank"><label for="title">called</label><input class="typed" id="title" name="title" size="18" value="{{ old('title') }}" placeholder="Heron" autocomplete="off"></span></fieldset>
<fieldset><legend><b>2</b> What feeds it?</legend><span class="blank"><label for="supply">fed by</label><select class="typed" id="supply" name="supply"><option value="">skip: what is usual there</option>@foreach(App\View\Shelf::supplies() as $key => $text)<option value="{{ $key }}" @selected(old('supply') === $key)>{{ $text }}</option>@endforeach</select></span></fieldset>
<fieldset><legend><b>3</b> What glows?</legend><span class="blank"><label for="glows">of</label><select class="typed" id="glows" name="part"><option value="">skip: a warm strip</option>@foreach(App\View\Shelf::shipped() as $group => $entries)<optgroup label="{{ $group }}">@foreach($entries as $key => $text)<option value="{{ $key }}" @selected(old('part') === $key)>{{ $text }}</option>@endforeach</optgroup>@endforeach</select></span><span class="blank"><label for="amount">length or count</label><input class="typed" id="amount" name="amount" size="9" value="{{ old('amount') }}" placeholder="1 m" autocomplete="off"></span><span class="blank"><label for="light-label">named</label><input class="typed" id="light-label" name="label" size="16" value="{{ old('label') }}" placeholder="Galley shelf" autocomplete="off"></span></fieldset>
<fieldset><legend><b>4</b> When?</legend><span class="blank"><label for="when">it glows</label><select class="typed" id="when" name="when">@foreach(App\Support\StartForm::WHEN as $key => $text)<option value="{{ $key }}" @selected(old('when') === $key)>{{ $text }}</option>@endforeach</select></span></fieldset>
<fieldset><legend><b>5</b> What must it put up with?</legend><label class="pick"><input type="checkbox" name="no_drill" value="1" @checked(old('no_drill'))> no drilling</label><span class="blank"><label for="comes-apart">comes apart at</label><input class="typed" id="comes-apart" name="comes_apart" size="14" value="{{ old('comes_apart') }}" autocomplete="off"></span><span class="blank"><label for="wet">wet at</label><input class="typed" id="wet" name="wet" size="14" value="{{ old('wet') }}" autocomplete="off"></span><span class="blank"><label for="budget">budget</label><input class="typed" id="budget" name="budget" size="8" value="{{ old('budget') }}" placeholder="60" autocomplete="off"></span></fieldset>
<button class="button is-primary">Start a build</button></form>
<form method="post" action="/builds/example">@csrf<div class="says"><span class="blank"><label for="example">Or from an example</label><select class="typed" id="example" name="example">@foreach(App\Store\Demo::titles() as $key => $text)<option value="{{ $key }}">{{ $text }}</option>@endforeach</select></span><button class="button">Start from it</button></div></form>
<form method="post" action="/builds/import" enctype="multipart/form-data">@csrf<div class="says"><span class="blank"><label for="file">Or from a build file</label><input class="typed" id="file" type="file" name="file" accept=".json,application/json"></span><button class="button">Read it in</button></div></form>
</section>
</main></body></html>
