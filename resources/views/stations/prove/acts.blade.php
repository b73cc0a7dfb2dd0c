@php($gate = $link->gate)
<x-form
    op="prove"
    echo="gate-echo"
    render="all"
    id="prove-form"
    class="gate-acts"
    :to="$frame->toEditAt(['gate' => '', 'hand' => '', 'skipping' => ''])"
    :with="[
        'tried' => $gate->key,
        'facts' => $gate->facts,
        'power' => $gate->power,
        'words' => $page->words($link),
        'completes' => $page->completes(),
        'with' => json_encode((object) $gate->with),
        'expects' => json_encode(
            array_map(fn(BenchGlow\Prove\Expectation $e): array => $e->toArray(), $row->figures($gate)),
        ),
    ]"
>
    @if ($row->figures($gate) !== [])
        <button class="button is-primary keep">Keep what is measured</button>
    @endif
    <button
        class="button right-key"
        name="says"
        value="right"
        data-prove="y"
    >As it should be</button>
    <button
        class="button not-key"
        name="says"
        value="not"
        data-prove="x"
    >Not as it should be</button>
    @if ($link->outcome?->fails() && $page->hunt() === null)
        <button
            class="button is-primary"
            form="hunt-form"
            data-prove="g"
        >Look for it</button>
    @endif
    <a
        href="{{ $frame->url(['skipping' => '1']) }}"
        hx-get="{{ $frame->url(['skipping' => '1']) }}"
        hx-swap="none"
        hx-push-url="true"
        data-prove="k"
    >Skip it, because…</a>
    <span
        class="echo"
        id="gate-echo"
    ></span>
</x-form>
@if ($page->hunt() === null)
    <x-form
        op="hunt"
        id="hunt-form"
        echo="gate-echo"
        render="all"
        :with="[
            'circuit' => $frame->circuit?->id,
            'readings' => json_encode(array_map(fn($t) => $t->id, $link->outcome->readings ?? [])),
        ]"
    >
    </x-form>
@endif
@if ($frame->own('skipping') !== '')
    <x-form
        op="pass_over"
        echo="skip-echo"
        render="all"
        class="says skip-form"
        :to="$frame->toEditAt(['gate' => '', 'skipping' => ''])"
        :with="['tried' => $gate->key, 'facts' => $gate->facts, 'words' => $page->words($link)]"
    >
        <label for="skip-why">Because</label>
        <input
            class="typed"
            id="skip-why"
            name="why"
            size="28"
            autocomplete="off"
            autofocus
        >
        <button class="button is-small">Skip it</button>
        <span
            class="echo"
            id="skip-echo"
        ></span>
    </x-form>
@endif
@if ($link->outcome?->fails())
    <p class="means">It can mean: {{ lcfirst($gate->means) }}</p>
@endif
@if ($page->hunt() === null && $row->figures($gate) !== [])
    @include('stations.prove.keys')
@endif
@include('stations.build.photos', [
    'photos' => App\Store\Photos::at($frame->document, $page->pictured($link)),
])
@can('send', 'photo')
    <details class="layout-more">
        <summary>Photo…</summary>
        @include('stations.build.photo', [
            'id' => 'gate-photo',
            'with' => ['step' => $page->pictured($link), 'words' => $page->words($link)],
        ])
    </details>
@endcan
