<h1 class="sentence">No wire has a way yet. <b>Say where things sit and how far apart, and the loom follows.</b></h1>
@if ($page->list->build->leads === [])
    <p>There is no wire to lay yet: the circuit comes first.</p>
@else
    <p class="acts">
        <x-act
            :edit="$page->lay()"
            class="is-primary"
        >Lay it out from the circuit</x-act>
        <span class="muted">Places from what hangs together, stretches from the wires between them. All of it can be
            moved
            and measured after.</span>
    </p>
@endif
@include('stations.harness.places')
