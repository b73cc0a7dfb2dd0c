@props(['id', 'field', 'label', 'value', 'options', 'echo' => '', 'op' => 'set', 'whole' => false])
@php($box = 'f-' . $id . '-' . str_replace('.', '_', $field))
<x-form
    :op="$op"
    :echo="$box . '-echo'"
    on-change
    :with="['id' => $id, 'field' => $field]"
    :render="$whole ? 'all' : null"
    class="blank"
>
    <label for="{{ $box }}">{{ $label }}</label>
    <select
        class="typed"
        id="{{ $box }}"
        name="text"
        aria-describedby="{{ $box }}-echo"
    >
        <x-options
            :options="$options"
            :value="$value"
        />
    </select>
    <noscript><button
            class="button is-small"
            type="submit"
        >Keep</button></noscript>
    <span
        class="echo"
        id="{{ $box }}-echo"
    >{{ $echo }}</span>
</x-form>
