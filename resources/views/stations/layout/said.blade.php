@php($said = $page->sentence())
<h1
    id="layout-said"
    class="sentence"
    @if ($oob) hx-swap-oob="true" @endif
><b>{{ $said->name }}</b> {{ $said->is }}
    @if ($said->wants !== '')
        <b>{{ $said->wants }}</b>
    @endif
</h1>
