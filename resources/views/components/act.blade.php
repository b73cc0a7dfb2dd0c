@props(['page', 'edit', 'whole' => true, 'key' => null])
<form class="act" method="post" action="{{ $page->to('edit') }}" hx-post="{{ $page->to('edit') }}" hx-swap="none" hx-include="#base" hx-sync="#bench:queue all">
<x-hidden :page="$page"/>
<input type="hidden" name="edit" value="{{ json_encode($edit) }}">@if($whole)<input type="hidden" name="render" value="all">@endif
<button type="submit" {{ $attributes->class('button') }} @if($key) data-key="{{ $key }}" @endif>{{ $slot }}</button>
</form>
