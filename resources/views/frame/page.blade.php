@include('frame.head', ['title' => $page->document->title(), 'preference' => $page->preference])
<body class="{{ $page->station }}" data-build="{{ $page->build->key }}" @if($page->preference->keys_on) data-keys @endif>
<a class="skip" href="#plate">To the plate</a>
<input type="hidden" id="base" name="base" value="{{ $page->base }}">
@include('frame.bar', ['preference' => $page->preference])
@include('frame.run')
<div id="elsewhere"></div><div id="conflict"></div>
<p id="refused" class="refused">@if(session('refused'))<span class="wrong" role="alert">{{ session('refused') }}</span>@endif</p>
<div id="bench" class="bench">
@include('frame.flags')
<main id="plate" class="plate" tabindex="-1">@yield('plate')</main>
@include('frame.meter')
</div>
<button id="meter-line" class="meter-line" type="button" aria-expanded="false" aria-controls="meter">@include('frame.line')</button>
<p id="live" class="is-sr-only" aria-live="polite"></p>
</body></html>
