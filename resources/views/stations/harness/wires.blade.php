<section
    class="loom-part"
    id="wires"
>
    <h2>Wires, {{ count($page->list->build->leads) }}</h2>
    <ul class="wire-rows">
        @foreach ($page->list->build->leads as $lead)
            @php($wire = $page->list->wire($lead, 1))
            @php($colour = $page->list->colours->all[$lead->id][0])
            <li @class(['here' => $page->isOpen($lead)])>
                <a
                    href="{{ $page->open($lead) }}"
                    hx-get="{{ $page->open($lead) }}"
                    hx-swap="none"
                    hx-push-url="true"
                    class="wire-row"
                    aria-expanded="{{ $page->isOpen($lead) ? 'true' : 'false' }}"
                >
                    <span class="no">{{ $page->list->labels->flag($lead) }}
                        {{ $page->list->labels->number($lead) }}</span>
                    <span class="end from">{{ $page->list->labels->pin($lead->cores[0][0]) }}</span>
                    <span class="piece">
                        <svg
                            viewBox="0 0 100 10"
                            preserveAspectRatio="none"
                            aria-hidden="true"
                        >
                            <rect
                                class="wire wire-{{ explode('/', $colour)[0] }}"
                                width="100"
                                height="10"
                            />
                            @if (str_contains($colour, '/'))
                                <path
                                    class="tracer tracer-{{ explode('/', $colour)[1] }}"
                                    d="M0 5h100"
                                />
                            @endif
                        </svg>
                        <b>{{ count($lead->cores) > 1 ? BenchGlow\Quantity\Words::count(count($lead->cores), 'core') : BenchGlow\Loom\Colours::words($colour) }}</b>
                    </span>
                    <span class="gauge">{{ $frame->analysis->leads[$lead->id]->wire->label() }}</span>
                    <span
                        class="figure length">{{ $wire['length_m'] === null ? '—' : $frame->length($wire['length_m']) }}</span>
                    <span class="known">{{ $page->known($lead) }}</span>
                    <span class="end to">{{ $page->list->labels->pin($lead->cores[0][1]) }}</span>
                </a>
                @if ($page->isOpen($lead))
                    @include('stations.harness.wire')
                @endif
            </li>
        @endforeach
    </ul>
    <p class="acts"><x-act :edit="$page->colour()">Keep these colours</x-act>
        <span class="muted">They follow the plan until then: returns
            {{ $page->list->build->settings->colourPlan->return }},
            no colour twice in a stretch.</span>
    </p>
</section>
