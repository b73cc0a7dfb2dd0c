{{-- $n, $panel --}}
@php($last = $page->ledger->last($panel))
@if ($last)
    <x-form
        op="fastener"
        :echo="'fastener-like-' . $n . '-echo'"
        render="all"
        :with="['panel' => $panel, ...$page->ledger->likeLast($last)]"
        class="says"
    >
        <x-field
            :id="'fastener-like-' . $n"
            label="More:"
            name="count"
            size="3"
            inputmode="numeric"
            :value="$last->count"
        />
        <button class="button is-small">like the last: {{ $last->named() }}</button><span
            class="echo"
            id="fastener-like-{{ $n }}-echo"
        ></span>
    </x-form>
@endif
<details
    class="layout-more"
    @if (!$last) open @endif
>
    <summary>{{ $last ? 'Others' : 'Its fasteners' }}</summary>
    <x-form
        op="fastener"
        :echo="'fastener-' . $n . '-echo'"
        render="all"
        :with="['panel' => $panel]"
        class="says fastener-form"
    >
        <fieldset class="kinds">
            <legend>Kind</legend>
            @foreach (App\Stations\Build\Forms\FastenerForm::KINDS as $kind => $words)
                <label><input
                        type="radio"
                        name="kind"
                        value="{{ $kind }}"
                        @checked($loop->first)
                    > {{ $words }}</label>
            @endforeach
        </fieldset>
        <x-field
            :id="'fastener-' . $n . '-count'"
            label="How many"
            name="count"
            size="3"
            inputmode="numeric"
        />
        <x-field
            :id="'fastener-' . $n . '-size'"
            label="size"
            name="size"
            size="10"
            placeholder="M5x16"
        />
        <x-field
            :id="'fastener-' . $n . '-bag'"
            label="bag"
            name="bag"
            size="3"
        />
        @foreach (['washer' => 'with washers', 'hidden' => 'hidden', 'single_use' => 'for one use'] as $name => $words)
            <label><input
                    type="checkbox"
                    name="{{ $name }}"
                    value="1"
                > {{ $words }}</label>
        @endforeach
        <button class="button is-small">Write them down</button><span
            class="echo"
            id="fastener-{{ $n }}-echo"
        ></span>
    </x-form>
</details>
