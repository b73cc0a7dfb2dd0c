{{-- Lamps of several functions as they are inside; rows of LEDs as they are soldered: a lane for each string, from the front or from behind, and the order in words. --}}
<div
    id="soldered"
    @if ($oob ?? false) hx-swap-oob="true" @endif
>
    @foreach ($page->rows() as $row)
        <details class="soldered">
            <summary>{{ $row->light->label }}, as it is soldered</summary>
            <div class="sides">
                @foreach (['front' => 'from the front', 'behind' => 'from behind'] as $side => $words)
                    <label class="pick"><input
                            type="radio"
                            name="side-{{ $row->light->id }}"
                            value="{{ $side }}"
                            @checked($side === 'front')
                        > {{ $words }}</label>
                @endforeach
                @foreach (['front', 'behind'] as $side)
                    <div class="side {{ $side }}">
                        <x-svg
                            :drawing="$row->drawing(App\Stations\Circuit\Soldered::WIDE, $side === 'behind')"
                            :id="'row-' . $side . '-' . $row->light->id"
                            class="wide"
                        />
                        <x-svg
                            :drawing="$row->drawing(App\Stations\Circuit\Soldered::NARROW, $side === 'behind')"
                            :id="'row-slim-' . $side . '-' . $row->light->id"
                            class="slim"
                        />
                    </div>
                @endforeach
            </div>
            <p class="muted">The round side is the long leg's, plus; the flat side is the short leg's.</p>
            <ol class="order">
                @foreach ($row->strings->said() as $line)
                    <li>{{ $line }}</li>
                @endforeach
            </ol>
        </details>
    @endforeach
    @foreach ($page->lamps() as $light)
        <details class="soldered">
            <summary>{{ $light->label }}, as it is inside</summary>
            <x-svg
                :drawing="$page->lamp($light, App\Stations\Circuit\Soldered::WIDE)"
                :id="'inside-' . $light->id"
                class="wide"
            />
            <x-svg
                :drawing="$page->lamp($light, App\Stations\Circuit\Soldered::NARROW)"
                :id="'inside-slim-' . $light->id"
                class="slim"
            />
            <p class="muted">A pin that is not wired stays open: it may hold volts, and it is insulated.</p>
        </details>
    @endforeach
</div>
