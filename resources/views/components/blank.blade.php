@props(['page', 'id', 'field', 'label', 'value', 'echo' => '', 'size' => 8, 'op' => 'set', 'type' => 'text'])
@php($box = 'f-'.$id.'-'.str_replace('.', '_', $field))
<form class="blank" method="post" action="{{ $page->to('edit') }}" hx-post="{{ $page->to('edit') }}" hx-trigger="change" hx-swap="none" hx-include="#base" hx-sync="#bench:queue all">
<x-hidden :page="$page" :echo="$box.'-echo'"/>
<input type="hidden" name="op" value="{{ $op }}"><input type="hidden" name="id" value="{{ $id }}"><input type="hidden" name="field" value="{{ $field }}">
<label for="{{ $box }}">{{ $label }}</label>
<input class="typed" id="{{ $box }}" name="text" type="{{ $type }}" value="{{ $value }}" size="{{ $size }}" autocomplete="off" aria-describedby="{{ $box }}-echo" hx-post="{{ $page->to('preview') }}" hx-trigger="input changed delay:180ms" hx-swap="none" hx-include="#base, closest form" hx-sync="this:replace">
<span class="echo" id="{{ $box }}-echo">{{ $echo }}</span>
</form>
