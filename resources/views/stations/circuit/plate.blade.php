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
    @panel('stations.circuit.head')
    @panel('stations.circuit.clause')
    @panel('stations.circuit.drawing')
    @panel('stations.circuit.soldered')
    @panel('stations.circuit.opened')
    @panel('stations.circuit.wish')
    @panel('stations.circuit.sentences')
    @panel('stations.circuit.leads')
    @panel('stations.circuit.measured')
    @panel('stations.circuit.player')
    @panel('stations.circuit.wants')
    @panel('stations.circuit.ways')
    @panel('stations.circuit.cards')
    @panel('stations.circuit.acts')
    @panel('stations.circuit.show')
    @panel('stations.circuit.tools')
@endif
@panel('stations.circuit.new_circuit')
