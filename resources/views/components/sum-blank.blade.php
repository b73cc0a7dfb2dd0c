@props(['sum', 'name', 'label', 'unit' => null, 'size' => 8])
@php($said = $unit ? $sum->echo($name, $unit) : '')
<span class="blank"><label for="s-{{ $name }}">{{ $label }}</label><input class="typed" id="s-{{ $name }}" name="{{ $name }}" value="{{ $sum->typed[$name] }}" size="{{ $size }}" autocomplete="off"></span>
