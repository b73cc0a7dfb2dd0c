<section
    class="loom-part"
    id="leaves"
>
    <h2>What leaves</h2>
    @forelse ($page->list->build->carriers as $id => $carrier)
        @php($line = $page->list->plugs->all[$id])
        @php($missing = $page->list->plugs->unplugged($id))
        <p><b>{{ BenchGlow\Quantity\Words::first($carrier->label) }}</b> {{ $carrier->words() }}:
            {{ BenchGlow\Quantity\Words::count(count($line['leads']), 'wire') }} cross to
            it{{ $page->throughWords($id) }}.
            The shrouded half stays toward the source.
            @if ($missing !== [] && $page->list->plugs->isWanted($carrier) && $line['stretches'] !== [])
                <x-act :edit="new BenchGlow\Edit\PlugHere($line['stretches'][0])">Put the plug here</x-act>
            @endif
        </p>
    @empty
        <p class="muted">Nothing of it comes off or moves as one yet.</p>
    @endforelse
    <details class="layout-more">
        <summary>Something that leaves</summary>
        <x-form
            op="add_carrier"
            echo="carrier-echo"
            render="all"
            class="says"
        >
            <x-field
                id="carrier-label"
                label="It is called"
                name="label"
                size="16"
            />
            <x-select
                id="carrier-how"
                label="and"
                name="how"
                :options="App\Stations\Harness\Forms\CarrierForm::HOW"
            />
            <fieldset class="on-it">
                <legend>On it sit</legend>
                @foreach ($page->places() as $place => $label)
                    <label><input
                            type="checkbox"
                            name="places[]"
                            value="{{ $place }}"
                        > {{ $label }}</label>
                @endforeach
            </fieldset>
            <button class="button">It leaves so</button><span
                class="echo"
                id="carrier-echo"
            ></span>
        </x-form>
    </details>
    <h2>Grounds and holes</h2>
    <ul>
        @foreach ($page->list->grounds() as $ground)
            <li>{{ BenchGlow\Quantity\Words::first($page->list->build->label($ground['id'])) }}:
                {{ BenchGlow\Quantity\Words::count($ground['rings'], 'ring') }}. Battery off before a ring goes on; bare
                metal under it, paint over it.</li>
        @endforeach
        @foreach ($page->list->build->holes as $id => $hole)
            <li>{{ BenchGlow\Quantity\Shown::plain($hole->mm, 1) }} mm in {{ $hole->in }}, {{ $hole->material }}:
                {{ $hole->edge === 'bare' ? 'a bare edge' : $hole->edge }},
                {{ $page->mm($page->list->throughMm($hole->for)) }} goes
                through{{ $page->guardWords($hole) === '' ? '' : '; ' . $page->guardWords($hole) }}.
                @if (!$hole->isGuarded())
                    <x-act :edit="new BenchGlow\Edit\GuardHole($id)">A grommet in it</x-act>
                @endif
                @if (!$hole->looked && !$hole->existing)
                    <x-act :edit="new BenchGlow\Edit\SetField($id, 'looked', true)">I have looked behind</x-act>
                @endif
            </li>
        @endforeach
    </ul>
    <details class="layout-more">
        <summary>A hole more</summary>
        <x-form
            op="add_hole"
            echo="hole-echo"
            render="all"
            class="says"
        >
            <x-select
                id="hole-for"
                label="For"
                name="for"
                :options="$page->holed()"
                :value="$page->focus() ?? ''"
            />
            <x-field
                id="hole-wide"
                label="so wide"
                name="wide"
                size="7"
                placeholder="10 mm"
            />
            <x-field
                id="hole-what"
                label="in"
                name="what"
                size="14"
                placeholder="the bulkhead"
            />
            <x-select
                id="hole-material"
                label="made of"
                name="material"
                :options="App\Stations\Harness\Choices::MATERIALS"
            />
            <button class="button">It is there</button><span
                class="echo"
                id="hole-echo"
            ></span></x-form>
        <p class="muted">Look behind before you drill: wires, tanks, hoses.</p>
    </details>
</section>
