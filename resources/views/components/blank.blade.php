@props(['id', 'field', 'label', 'value', 'echo' => '', 'size' => 8, 'op' => 'set', 'type' => 'text'])
@php($box = 'f-' . $id . '-' . str_replace('.', '_', $field))
<x-form
    :op="$op"
    :echo="$box . '-echo'"
    on-change
    :with="['id' => $id, 'field' => $field]"
    class="blank"
>
    <label for="{{ $box }}">{{ $label }}</label>
    <input
        class="typed"
        id="{{ $box }}"
        name="text"
        type="{{ $type }}"
        value="{{ $value }}"
        size="{{ $size }}"
        autocomplete="off"
        aria-describedby="{{ $box }}-echo"
        hx-post="{{ $frame->to('preview') }}"
        hx-trigger="input changed delay:180ms"
        hx-include="#base, closest form"
        hx-sync="this:replace"
    >
    <span
        class="echo"
        id="{{ $box }}-echo"
    >{{ $echo }}</span>
</x-form>
