@if ($frame->analysis->build->supplies === [])
    <section class="empty">
        <h1>No supply yet</h1>
        <p>A circuit is a source, a way to switch it, and something that glows.</p>
        <x-add-supply />
    </section>
@elseif ($frame->circuit === null)
    <section class="empty">
        <h1>Begin with what glows</h1>
        <p>A circuit is a source, a way to switch it, and something that glows.</p>
    </section>
@else
    @include('stations.circuit.head')
    @include('stations.circuit.drawing')
    @include('stations.circuit.player')
    @include('stations.circuit.sentences')
    @include('stations.circuit.wants')
    @include('stations.circuit.ways')
    @include('stations.circuit.cards')
    @include('stations.circuit.acts')
    @include('stations.circuit.show')
    @include('stations.circuit.tools')
@endif
@include('stations.circuit.new_circuit')
