@php($id = $page->focus())
@php($route = $page->list->build->routes[$id])
@php($open = App\Stations\Harness\Choices::class)
<section
    @class(['stretch-focus', 'asked' => $frame->own('st') !== ''])
    id="stretch"
    aria-label="{{ $page->name($id) }}"
>
    <div class="stretch-says">
        <h2>{{ $page->name($id) }}</h2>
        @if ($frame->own('st') !== '')
            <a
                class="button is-small stretch-shut"
                href="{{ $frame->url(['st' => null]) }}"
                hx-get="{{ $frame->url(['st' => null]) }}"
                hx-swap="none"
                hx-push-url="true"
            >Back to the loom</a>
        @endif
        <div class="says">
            @foreach (['length_m' => 'long', 'spacing_m' => 'fixed every', 'sleeve_mm' => 'sleeve inside', 'minutes' => 'minutes'] as $field => $label)
                @php($fact = BenchGlow\Format\FormatOne::field('routes', '', $field))
                @php($is = $page->list->build->index->item($id)->numberOrNull($field))
                <x-form
                    op="set"
                    :echo="'st-' . $field . '-echo'"
                    on-change
                    render="all"
                    :with="['id' => $id, 'field' => $field]"
                    class="blank"
                >
                    <label for="st-{{ $field }}">{{ $label }}</label>
                    <input
                        class="typed figure"
                        id="st-{{ $field }}"
                        name="text"
                        size="8"
                        value="{{ $is === null ? '' : BenchGlow\Quantity\Shown::forField($fact->unit, $is, $frame->preference->units) }}"
                        autocomplete="off"
                    ><span
                        class="echo"
                        id="st-{{ $field }}-echo"
                    ></span></x-form>
            @endforeach
            <x-choose
                :id="$id"
                field="zone"
                label="in"
                :value="$route->zone"
                :options="$open::ZONES"
                whole
            />
            <x-choose
                :id="$id"
                field="sleeve"
                label="sleeve"
                :value="$route->sleeve"
                :options="$open::SLEEVES"
                whole
            />
            <x-choose
                :id="$id"
                field="fixing"
                label="fixed by"
                :value="$route->fixing"
                :options="$open::FIXINGS"
                whole
            />
            <x-choose
                :id="$id"
                field="access"
                label="reached"
                :value="$route->access"
                :options="$open::ACCESS"
                whole
            />
        </div>
        <div class="hazards">
            @foreach (App\Stations\Harness\Forms\HazardForm::WORDS as $word => $said)
                <x-form
                    op="hazard"
                    render="all"
                    :with="['id' => $id, 'word' => $word]"
                    class="act"
                ><button
                        class="button is-small"
                        aria-pressed="{{ $route->is($word) ? 'true' : 'false' }}"
                    >{{ $said }}</button></x-form>
            @endforeach
        </div>
        <div class="acts">
            <x-act
                :edit="new BenchGlow\Edit\PlugHere($id)"
                key="p"
            >Put a plug here</x-act>
            @if ($route->sleeve !== 'none' && !$route->endsClosed)
                <x-act :edit="new BenchGlow\Edit\SetField($id, 'ends_closed', true)">Both ends closed</x-act>
            @endif
        </div>
        <details class="layout-more">
            <summary>Split it, or it goes over a hinge</summary>
            <x-form
                op="split_stretch"
                echo="split-echo"
                render="all"
                :with="['id' => $id]"
                class="says"
            >
                <x-field
                    id="split-far"
                    label="Split at"
                    name="far"
                    size="8"
                    placeholder="0.8 m"
                />
                <x-field
                    id="split-label"
                    label="the place there"
                    name="label"
                    size="16"
                />
                <button class="button">Split it</button><span
                    class="echo"
                    id="split-echo"
                ></span></x-form>
            <x-form
                op="hinge"
                echo="hinge-echo"
                render="all"
                :with="['id' => $id]"
                class="says"
            >
                <x-field
                    id="hinge-still"
                    label="tied from the axis, still side"
                    name="still"
                    size="7"
                    :value="$route->hinge ? $frame->length($route->hinge->stillM) : ''"
                />
                <x-field
                    id="hinge-moving"
                    label="side that moves"
                    name="moving"
                    size="7"
                    :value="$route->hinge ? $frame->length($route->hinge->movingM) : ''"
                />
                <x-field
                    id="hinge-shut"
                    label="shut at, degrees"
                    name="shut"
                    size="5"
                    :value="$route->hinge ? $route->hinge->shutDeg : ''"
                />
                <x-field
                    id="hinge-open"
                    label="open at"
                    name="open"
                    size="5"
                    :value="$route->hinge ? $route->hinge->openDeg : ''"
                />
                <button class="button">It turns so</button><span
                    class="echo"
                    id="hinge-echo"
                ></span></x-form>
            @if ($route->hinge)
                <p>It needs {{ $frame->length(ceil($route->hinge->needM($page->list->bundleMm($id)) * 100) / 100) }}
                    there:
                    the longest way across, and a bend at either side.</p>
            @endif
        </details>
    </div>
    <figure class="cut-through">
        <svg
            viewBox="-66 -66 132 132"
            width="132"
            height="132"
            role="img"
            aria-label="Cut through: {{ $page->caption($id) }}, {{ $page->sleeveWords($id) }}"
        >
            <circle
                @class(['sleeve', 'bare' => $route->sleeve === 'none'])
                r="62"
            />
            @foreach ($page->loom->cut($id, 124) as $wire)
                <circle
                    @class([
                        'wire',
                        'wire-' . $wire['colour'],
                        'loaded' => $wire['loaded'],
                    ])
                    cx="{{ $wire['x'] }}"
                    cy="{{ $wire['y'] }}"
                    r="{{ max(2, $wire['r'] - 1.5) }}"
                />
                @if ($wire['tracer'])
                    <path
                        class="tracer tracer-{{ $wire['tracer'] }}"
                        d="M{{ $wire['x'] - $wire['r'] * 0.55 }} {{ $wire['y'] - 1.5 }}h{{ $wire['r'] * 1.1 }}"
                    />
                @endif
                <circle
                    class="core"
                    cx="{{ $wire['x'] }}"
                    cy="{{ $wire['y'] }}"
                    r="{{ max(1, $wire['r'] * 0.32) }}"
                />
            @endforeach
        </svg>
    </figure>
    <div class="stretch-wires">
        <p><b>{{ $page->sleeveWords($id) }}</b>,
            {{ BenchGlow\Quantity\Words::count($frame->analysis->loaded[$id] ?? 0, 'core') }} carry at once</p>
        <ul>
            @foreach ($page->list->loom->stretches[$id]->leads as $lead)
                @foreach ($page->list->colours->all[$lead] as $n => $colour)
                    <li><x-swatch :colour="$colour" />
                        {{ BenchGlow\Loom\Colours::words($colour) }},
                        {{ $page->list->build->leads[$lead]->label }}</li>
                @endforeach
            @endforeach
        </ul>
    </div>
</section>
