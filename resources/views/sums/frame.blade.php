@include('frame.head', ['title' => 'Quick sums', 'preference' => $preference])
<body class="sums-page" @if($preference->keys_on) data-keys @endif>
<a class="skip" href="#plate">To the sum</a>
@include('frame.bar')
<main id="plate" class="sums">
<nav class="kinds" aria-label="Quick sums">@foreach(App\View\Sum::KINDS as $kind => $name)<a href="/sums/{{ $kind }}" @class(['here' => $sum->kind === $kind]) @if($sum->kind === $kind) aria-current="page" @endif>{{ $name }}</a>@endforeach</nav>
<h1 class="is-sr-only">{{ App\View\Sum::KINDS[$sum->kind] }}</h1>
@if(session('refused'))<p class="refused"><span class="wrong" role="alert">{{ session('refused') }}</span></p>@endif
<form class="says big-says" method="get" action="/sums/{{ $sum->kind }}" hx-get="/sums/{{ $sum->kind }}" hx-trigger="input delay:180ms, change" hx-select="#sum" hx-target="#sum" hx-swap="outerHTML" hx-push-url="true" hx-sync="this:replace">@yield('sentence')<noscript><button class="button is-small">Work it out</button></noscript></form>
<div id="sum">
@yield('answer')
@hasSection('keep')
<section class="keep"><h2>Keep on a build</h2><form method="post" action="/sums/{{ $sum->kind }}/keep">@csrf @foreach($sum->query() as $name => $value)<input type="hidden" name="{{ $name }}" value="{{ $value }}">@endforeach
<div class="says"><span class="blank"><label for="keep-label">as circuit</label><input class="typed" id="keep-label" name="label" size="14" value="@yield('keep')"></span>
<span class="blank"><label for="keep-onto">on</label><select class="typed" id="keep-onto" name="onto"><option value="new">a new build</option>@foreach($builds as $build)<option value="{{ $build->key }}">{{ $build->title }}</option>@endforeach</select></span>
<span class="blank"><label for="keep-title">its name, if new</label><input class="typed" id="keep-title" name="title" size="14"></span><button class="button is-primary">Keep it</button></div></form></section>
@endif
</div>
</main></body></html>
