@php($way = $live->way())
<details class="switching" id="switching" @if($page->showsWays) open @endif><summary data-ways>Ways of switching · on the bench: {{ $way === null ? 'a way of its own' : lcfirst(BenchGlow\Ways\Ways::ALL[$way['way']][0]) }}</summary>
@if($page->showsWays)@include('stations.way_cards')
@else
<div id="way-cards" hx-get="/b/{{ $page->build->key }}/ways?{{ http_build_query(['c' => $page->circuit->id, 's' => $page->supply, 'i' => $page->thrown]) }}" hx-trigger="toggle once from:closest details" hx-swap="outerHTML"><p class="muted">Each is solved on this build first. <a href="{{ $page->url(['ways' => '1']) }}">Show them</a></p></div>
@endif
</details>
