@props(['sum', 'name', 'label', 'unit' => null, 'size' => 8])
@php($said = $unit ? $sum->echo($name, $unit) : '')
<x-field
    :id="'s-' . $name"
    :label="$label"
    :name="$name"
    :size="$size"
    :value="$sum->typed[$name]"
/>
