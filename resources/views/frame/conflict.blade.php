<div
    class="conflict"
    role="alertdialog"
    aria-labelledby="conflict-h"
>
    <h2 id="conflict-h">This build changed while you worked.</h2>
    <ul>
        @foreach ($moves as $move)
            <li>{{ $move['mine'] ? 'This window' : $move['by'] }}, {{ $move['at'] }}: {{ $move['what'] }}</li>
        @endforeach
    </ul>
    @if ($rows !== [])
        <table class="table is-narrow">
            <thead>
                <tr>
                    <th>What</th>
                    <th>Theirs</th>
                    <th>Yours</th>
                </tr>
            </thead>
            <tbody>
                @foreach ($rows as $row)
                    <tr>
                        <td>{{ $row['name'] }} {{ str_replace('_', ' ', $row['field']) }}</td>
                        <td>{{ $row['theirs'] }}</td>
                        <td>{{ $row['yours'] }}</td>
                    </tr>
                @endforeach
            </tbody>
        </table>
    @endif
    <div class="row">
        @if ($edit !== null && $gone === null)
            <x-form
                op="edit"
                render="all"
                :with="['base' => $frame->base, 'edit' => json_encode($edit)]"
            ><button class="button is-primary">Put mine on top</button></x-form>
        @elseif($gone !== null)
            <p>Yours can't go on top: {{ $gone }}</p>
        @endif
        <a
            class="button"
            href="{{ $frame->url() }}"
        >Leave theirs</a>
    </div>
</div>
