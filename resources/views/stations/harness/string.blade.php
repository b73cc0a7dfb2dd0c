@php($lead = $page->strung())
@php($way = $page->way($lead))
@php($rest = array_values(array_filter($page->unstrung(), fn($l) => $l->id !== $lead->id)))
<section
    class="stringing"
    aria-label="Stringing"
>
    <p class="muted">{{ BenchGlow\Quantity\Words::count(count($rest) + 1, 'wire') }} to string</p>
    <h1 class="sentence"><b>{{ $page->list->labels->flag($lead) }} {{ $page->list->labels->number($lead) }}</b>,
        {{ $lead->label }}: from {{ $page->list->labels->pin($lead->cores[0][0]) }} to
        {{ $page->list->labels->pin($lead->cores[0][1]) }}.</h1>
    <p class="way">
        @foreach ($way->stretches ?? [] as $n => $id)
            {{ $n === 0 ? '' : '· ' }}{{ $page->name($id) }}
        @endforeach
        @if (($way->stretches ?? []) === [])
            Both ends sit at one place.
        @endif
    </p>
    <p class="swatches">
        @foreach ($page->list->colours->all[$lead->id] as $colour)
            <span><x-swatch :colour="$colour" /> {{ BenchGlow\Loom\Colours::words($colour) }}</span>
        @endforeach
    </p>
    <x-form
        op="string_length"
        echo="string-echo"
        render="all"
        :with="['id' => $lead->id, 'from' => 'strung']"
        :to="$frame->toEditAt(['string' => $rest[0]->id ?? ''])"
        class="string-length"
    >
        <label for="string-text">Lay it along its way, and read</label>
        <input
            class="typed figure"
            id="string-text"
            name="text"
            inputmode="decimal"
            value=""
            placeholder="{{ $way->lengthM === null ? '' : $frame->length($way->lengthM) }}"
            autocomplete="off"
            autofocus
        ><span
            class="echo"
            id="string-echo"
        ></span>
        <div
            class="keypad"
            aria-hidden="true"
            data-pad="string-text"
        >
            @foreach (['1', '2', '3', '4', '5', '6', '7', '8', '9', '.', '0', '⌫'] as $key)
                <button
                    type="button"
                    tabindex="-1"
                    data-digit="{{ $key }}"
                >{{ $key }}</button>
            @endforeach
        </div>
        <button class="button is-primary">{{ $rest === [] ? 'Keep' : 'Keep, next wire' }}</button>
    </x-form>
    <p class="acts">
        @if ($way->lengthM !== null)
            <span class="muted">By its way {{ $frame->length($way->lengthM) }}.</span>
        @endif
        @if ($rest !== [])
            <a
                href="{{ $page->stringing($rest[0]) }}"
                hx-get="{{ $page->stringing($rest[0]) }}"
                hx-swap="none"
                hx-push-url="true"
                class="button"
            >Another one</a>
        @endif
        <a
            href="{{ $page->stringing(null) }}"
            hx-get="{{ $page->stringing(null) }}"
            hx-swap="none"
            hx-push-url="true"
            class="button"
        >Back to the loom</a>
    </p>
</section>
