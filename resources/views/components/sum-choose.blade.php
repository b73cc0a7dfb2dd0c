@props(['sum', 'name', 'label', 'options'])
<span class="blank"><label for="s-{{ $name }}">{{ $label }}</label><select class="typed" id="s-{{ $name }}" name="{{ $name }}">@foreach($options as $key => $text)<option value="{{ $key }}" @selected($sum->typed[$name] === (string) $key)>{{ $text }}</option>@endforeach</select></span>
