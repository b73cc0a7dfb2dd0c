@if ($page->list->joints->all !== [])
    <section
        class="loom-part"
        id="joints"
    >
        <h2>Joints and ends</h2>
        <ul class="joint-rows">
            @foreach ($page->list->joints->all as $joint)
                @php($tube = $joint->tube())
                <li>
                    <p><b>{{ $page->loom->letter($joint) }}
                            {{ BenchGlow\Quantity\Words::first($page->list->build->label($joint->id)) }}</b>,
                        {{ $page->list->build->places[(string) $joint->place]->label ?? 'no place yet' }}:
                        {{ BenchGlow\Quantity\Words::count(count($joint->wires), 'wire') }}{{ $joint->wet === 'dry' ? '' : ', ' . $joint->wet }}{{ $joint->moves ? ', moves' : '' }}.
                        @if ($tube)
                            Tube {{ BenchGlow\Quantity\Shown::plain($tube['supplied_mm'], 1) }} to
                            {{ BenchGlow\Quantity\Shown::plain($tube['recovered_mm'], 1) }}
                            mm{{ $tube['lined'] ? ', lined' : '' }},
                            {{ $tube['length_mm'] }} mm long, pushed on first.
                        @endif
                    </p>
                    <div class="kinds">
                        @foreach ($page->list->joints->kinds($joint) as $kind)
                            <div @class([
                                'kind',
                                'here' => $kind['style'] === $joint->style,
                                'unfit' => !$kind['fits'],
                            ])>
                                <b>{{ str_replace('_', ' ', $kind['style'] === 'idc_tap' ? 'tap' : $kind['style']) }}</b>
                                <span>{{ $kind['why'] }}</span>
                                @if ($kind['style'] === $joint->style)
                                    <i>on the bench</i>
                                @elseif ($kind['fits'])
                                    <x-act :edit="new BenchGlow\Edit\SetJoint($joint->id, $kind['style'])">Make it so</x-act>
                                @endif
                            </div>
                        @endforeach
                    </div>
                </li>
            @endforeach
        </ul>
        @include('stations.harness.pulls')
    </section>
@endif
