<div class="says sizes">
    @foreach ($fields as $field => $label)
        @php($fact = BenchGlow\Format\FormatOne::field('layouts', $page->laid->kind, $field))
        @php($value = $page->laid->fields->numberOrNull($field))
        <x-form
            op="layout_size"
            :echo="'at-' . $field . '-echo'"
            on-change
            render="all"
            :with="['id' => $page->laid->id, 'field' => $field]"
            class="blank"
        >
            <label for="at-{{ $field }}">{{ $label }}</label>
            <input
                class="typed"
                id="at-{{ $field }}"
                name="text"
                size="8"
                value="{{ $value === null || $fact->unit === null ? '' : BenchGlow\Quantity\Shown::forField($fact->unit, $value, $frame->preference->units) }}"
                autocomplete="off"
            >
            <span
                class="echo"
                id="at-{{ $field }}-echo"
            ></span></x-form>
    @endforeach
</div>
