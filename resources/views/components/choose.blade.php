@props(['page', 'id', 'field', 'label', 'value', 'options', 'echo' => '', 'op' => 'set', 'whole' => false])
@php($box = 'f-'.$id.'-'.str_replace('.', '_', $field))
<form class="blank" method="post" action="{{ $page->to('edit') }}" hx-post="{{ $page->to('edit') }}" hx-trigger="change" hx-swap="none" hx-include="#base" hx-sync="#bench:queue all">
<x-hidden :page="$page" :echo="$box.'-echo'"/>
<input type="hidden" name="op" value="{{ $op }}"><input type="hidden" name="id" value="{{ $id }}"><input type="hidden" name="field" value="{{ $field }}">
@if($whole)<input type="hidden" name="render" value="all">@endif
<label for="{{ $box }}">{{ $label }}</label>
<select class="typed" id="{{ $box }}" name="text" aria-describedby="{{ $box }}-echo">
@foreach($options as $group => $entries)
@if(is_array($entries))<optgroup label="{{ $group }}">@foreach($entries as $key => $text)<option value="{{ $key }}" @selected((string) $key === (string) $value)>{{ $text }}</option>@endforeach</optgroup>
@else<option value="{{ $group }}" @selected((string) $group === (string) $value)>{{ $entries }}</option>@endif
@endforeach
</select>
<noscript><button class="button is-small" type="submit">Keep</button></noscript>
<span class="echo" id="{{ $box }}-echo">{{ $echo }}</span>
</form>
