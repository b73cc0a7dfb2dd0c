{{-- One size of a layout in its field: $box names the field, $label stands before it or is only heard --}}
<x-form
    op="layout_size"
    :echo="$box . '-echo'"
    on-change
    render="all"
    :with="['id' => $page->laid->id, 'field' => $field]"
    :class="$class ?? 'blank'"
>
    @isset($label)
        <label for="{{ $box }}">{{ $label }}</label>
    @endisset
    <input
        @class(['typed', 'figure' => !isset($label)])
        id="{{ $box }}"
        name="text"
        size="{{ $chars ?? 8 }}"
        value="{{ $value }}"
        @isset($heard) aria-label="{{ $heard }}" @endisset
        autocomplete="off"
    >
    <span
        class="echo"
        id="{{ $box }}-echo"
    >{{ $echo ?? '' }}</span></x-form>
